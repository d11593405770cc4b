<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Proving;

use Orthoscope\Core\Proving\CleanStarts;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CleanStartsTest extends TestCase
{
    /**
     * The beta posterior in R: beta(k + .5, n - k + .5 + m) / beta(k + .5, n - k + .5).
     *
     * @return iterable<string, array{int, int, int, float}>
     */
    public static function luck(): iterable
    {
        yield 'two in ten before, none in six now' => [2, 10, 6, 0.28537564];
        yield 'always before, none in three now' => [10, 10, 3, 0.00109266];
        yield 'one in twenty before, none in thirty now' => [1, 20, 30, 0.25008506];
        yield 'nothing known before' => [0, 0, 4, 0.2734375];
    }

    #[DataProvider('luck')]
    public function test_how_often_it_comes_by_luck(int $failed, int $started, int $clean, float $byR): void
    {
        $this->assertEqualsWithDelta($byR, CleanStarts::of($failed, $started, $clean)->byLuck(), 1e-6);
    }

    public function test_how_many_more_are_wanted_follows_from_how_often_it_failed_and_from_the_risk(): void
    {
        $this->assertSame(0, CleanStarts::of(2, 10, 14)->more(0.98));
        $seldom = CleanStarts::of(2, 10, 0)->more(0.8);
        $often = CleanStarts::of(10, 10, 0)->more(0.8);
        $this->assertGreaterThan($often, $seldom);
        $this->assertLessThanOrEqual(2, $often);
        $this->assertNull(CleanStarts::of(1, 400, 0)->more(0.5), 'what comes once in four hundred is not proved by starts');
        $this->assertGreaterThan($seldom, CleanStarts::of(2, 10, 0, risk: 0.03)->more(0.8), 'who accepts less asks for more');
        // By hand: after that many both the luck and the doubt are no more than is accepted, and after one less one of them is.
        $worst = fn (int $clean): float => max(
            CleanStarts::of(2, 10, 0)->byLuck($clean),
            (0.2 * CleanStarts::of(2, 10, 0)->byLuck($clean)) / (0.8 + 0.2 * CleanStarts::of(2, 10, 0)->byLuck($clean)),
        );
        $this->assertLessThanOrEqual(0.1, $worst((int) $seldom));
        $this->assertGreaterThan(0.1, $worst((int) $seldom - 1));
    }

    /** However sure the belief, a run that comes by luck more often than is accepted is never called enough. */
    public function test_what_may_well_be_luck_is_never_enough(): void
    {
        for ($started = 1; $started <= 12; $started++) {
            for ($failed = 1; $failed <= $started; $failed++) {
                for ($clean = 0; $clean <= 12; $clean++) {
                    $counted = CleanStarts::of($failed, $started, $clean);
                    $said = implode(' ', $counted->sentences(0.999));
                    $this->assertSame($counted->byLuck() <= 0.1, str_contains($said, 'That is enough'), $said);
                }
            }
        }
    }

    public function test_the_record_says_what_was_before_and_what_since(): void
    {
        $count = function (array ...$entries): array {
            $clean = CleanStarts::in(Bench::case($entries)->record, Bench::catalogue());

            return [$clean->failed, $clean->started, $clean->clean];
        };
        $before = ['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]];
        $act = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        $stays = fn (int $times, array $setUp = []): array => [
            'kind' => 'start',
            'reached' => 'stays',
            'times' => $times,
            'setup' => $setUp,
        ];
        $this->assertSame([2, 10, 6], $count($before, $act, $stays(6)));
        $this->assertSame([2, 10, 0], $count($before));
        $this->assertSame([2, 16, 1], $count($before, $act, $stays(6), $act, $stays(1)), 'a further act begins anew');
        $this->assertSame([3, 17, 0], $count($before, $act, $stays(6), ['kind' => 'start', 'reached' => 'dark']), 'it failed again');
        $this->assertSame([2, 10, 0], $count($before, $act, $stays(6, ['lent' => ['card' => ['tag' => 'G-1']]])), 'not with a lent part');
    }

    /** What its owner counted and what the bench saw are one rate, the owner's count weighed as told. */
    public function test_the_owners_count_and_the_benchs_belong_together(): void
    {
        $told = ['kind' => 'report', 'reached' => 'dark', 'failed' => 3, 'of' => 5];
        $bench = ['kind' => 'start', 'outcomes' => ['dark' => 1, 'stays' => 3]];
        $clean = $this->in($told, $bench, self::ACT, self::THREE);
        $this->assertSame([1, 4, 3, 3, 5], [$clean->failed, $clean->started, $clean->clean, $clean->toldFailed, $clean->told]);
        $weight = Bench::catalogue()->number('trust_seen');
        // By hand: Jeffreys' half, one of the bench and three of the owner's that count for less.
        [$failing, $passing] = [0.5 + 1 + 3 * $weight, 0.5 + 3 + 2 * $weight];
        $luck = (((($passing / ($passing + $failing)) * ($passing + 1)) / ($passing + $failing + 1)) * ($passing + 2))
            / ($passing + $failing + 2);
        $this->assertEqualsWithDelta($luck, $clean->byLuck(), 1e-12);
        $this->assertStringStartsWith(
            'Before, 1 of 4 starts on the bench and 3 of 5 by its owner\'s count failed; since, 3 starts went well.',
            $clean->sentences(0.9)[0],
        );
        $this->assertSame(
            'Before, it failed in 3 of 5 starts by your count and in 1 of 4 starts here. Since our work it has not failed in 3 starts.',
            $clean->forTheOwner()[0],
        );
        $this->assertSame(
            [],
            $this->in(
                ['kind' => 'report', 'reached' => 'dark', 'often' => 'sometimes'],
                $bench = ['kind' => 'start', 'reached' => 'stays'],
                self::ACT,
                self::THREE,
            )->forTheOwner(),
            'A word is no count.',
        );
    }

    public function test_a_count_of_one_is_a_count(): void
    {
        $told = ['kind' => 'report', 'reached' => 'dark', 'failed' => 1, 'of' => 1];
        $dark = ['kind' => 'start', 'reached' => 'dark'];
        $this->assertStringStartsWith(
            'Before, 1 of 1 start on the bench and 1 of 1 by its owner\'s count failed',
            $this->in($told, $dark, self::ACT, self::THREE)->sentences(0.9)[0],
        );
        $often = ['kind' => 'report', 'reached' => 'dark', 'failed' => 1, 'of' => 2];
        $words = $this->in($often, $dark, self::ACT, self::THREE)->forTheOwner()[0];
        $this->assertStringContainsString('in 1 of 2 starts by your count', $words);
    }

    public function test_a_start_under_a_condition_that_never_failed_counts_nothing(): void
    {
        $told = ['kind' => 'report', 'reached' => 'nothing', 'failed' => 2, 'of' => 10, 'only' => 'cold'];
        $cold = fn (string $reached, int $times = 1): array => [
            'kind' => 'start',
            'reached' => $reached,
            'times' => $times,
            'setup' => ['temperature' => 'cold'],
        ];
        $warm = ['kind' => 'start', 'reached' => 'stays', 'times' => 20, 'setup' => ['temperature' => 'warm']];
        $clean = $this->in($told, $cold('nothing'), $warm, self::ACT, $warm);
        $this->assertSame([1, 1, 0], [$clean->failed, $clean->started, $clean->clean]);
        $this->assertSame(
            ['Before, it failed only when cold. These starts were not made so: they do not show that it is put right.'],
            $clean->forTheOwner(),
        );
        $this->assertStringContainsString('So far it failed only when cold', implode(' ', $clean->sentences(0.99)));
        $this->assertStringNotContainsString('enough', implode(' ', $clean->sentences(0.99)));
        $this->assertSame(4, $this->in($told, $cold('nothing'), self::ACT, $cold('stays', 4), $warm)->clean);
        $this->assertStringContainsString('cold', $this->in($told, $cold('nothing'), self::ACT, $cold('stays'))->sentences(0.9)[1]);
    }

    public function test_what_has_just_failed_again_is_not_started_on_and_on(): void
    {
        $start = fn (string $reached): array => ['kind' => 'start', 'reached' => $reached];
        $clear = ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']];
        $said = function (array ...$entries): string {
            $clean = CleanStarts::in(Bench::case(array_values($entries))->record, Bench::catalogue());

            return implode(' ', $clean->sentences(0.3));
        };
        $nothing = 'Nothing was done since it last failed';
        $this->assertStringContainsString($nothing, $said($start('stays'), $start('dark'), $clear, $start('stays'), $start('dark')));
        $this->assertStringNotContainsString($nothing, $said($start('stays'), $start('dark'), $clear, $start('stays')));
        $this->assertStringNotContainsString($nothing, $said($start('stays'), $start('dark'), $start('dark'), $clear));
    }

    public function test_what_failed_only_at_work_is_proved_at_work(): void
    {
        $start = fn (string $reached, string $goal, int $times = 1): array => [
            'kind' => 'start', 'reached' => $reached, 'times' => $times, 'setup' => $goal === '' ? [] : ['goal' => $goal],
        ];
        $repaste = ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']];
        $clean = fn (array ...$entries): int => CleanStarts::in(Bench::case(array_values($entries))->record, Bench::catalogue())->clean;
        $this->assertSame(0, $clean($start('drops', 'load'), $repaste, $start('stays', '', 6)));
        $this->assertSame(2, $clean($start('drops', 'load'), $repaste, $start('stays', '', 6), $start('stays', 'load', 2)));
        $this->assertSame(0, $clean($start('drops', 'hours'), $repaste, $start('stays', 'load', 2)));
        $this->assertSame(6, $clean($start('drops', ''), $start('drops', 'load'), $repaste, $start('stays', '', 6)), 'idle it failed too');
        $this->assertSame(6, $clean($start('dark', 'load'), $repaste, $start('stays', '', 6)), 'it never came as far as any work');
    }

    public function test_what_was_never_seen_to_fail_here_is_not_counted_here(): void
    {
        $clean = $this->in(
            ['kind' => 'report', 'reached' => 'dark', 'failed' => 3, 'of' => 5],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 6],
        );
        $this->assertSame([0, 0, 0], [$clean->failed, $clean->started, $clean->clean]);
        $this->assertStringContainsString('where it is used', implode(' ', $clean->sentences(0.99)));
        $this->assertStringNotContainsString('enough', implode(' ', $clean->sentences(0.99)));
    }

    public function test_nothing_is_counted_towards_a_repair_before_there_was_one(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark'];
        $nothing = 'Nothing was done since it last failed: starts show nothing of a repair yet.';
        $this->assertSame(['Before, 1 of 1 start on the bench failed.', $nothing], $this->in($dark)->sentences(0.01));
        $this->assertSame($nothing, $this->in($dark, self::ACT, $dark)->sentences(0.01)[1]);
        $this->assertNotContains($nothing, $this->in($dark, self::ACT, self::THREE)->sentences(0.9));
        $this->assertNotContains(
            $nothing,
            $this->in(['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]])->sentences(0.5),
            'It comes and goes.',
        );
    }

    public function test_it_is_said_in_sentences(): void
    {
        $this->assertSame(
            [
                'Before, 2 of 10 starts on the bench failed; since, 6 starts went well. Were it not cured, that would come by luck in '
                    .'29 of 100 cases.',
                '8 more clean starts are wanted for what the shop accepts: at most 10 in 100 that it comes back.',
            ],
            CleanStarts::of(2, 10, 6)->sentences(0.98),
        );
        $this->assertSame([], CleanStarts::of(0, 3, 2)->sentences(0.98));
        $this->assertStringContainsString('agree on a date', CleanStarts::of(1, 400, 0)->sentences(0.5)[1]);
        $this->assertSame(
            'It is more likely not put right yet, and starts alone do not change that.',
            CleanStarts::of(1, 400, 0)->sentences(0.01)[1],
        );
    }

    private const ACT = ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']];

    private const THREE = ['kind' => 'start', 'reached' => 'stays', 'times' => 3];

    /** @param  array<string, mixed>  ...$entries */
    private function in(array ...$entries): CleanStarts
    {
        return CleanStarts::in(Bench::case($entries)->record, Bench::catalogue());
    }

    public function test_a_start_by_the_pins_or_with_something_moved_is_none_of_those_as_it_came(): void
    {
        $dead = ['kind' => 'start', 'reached' => 'nothing'];
        $new = ['kind' => 'act', 'act' => 'replace', 'on' => ['panel'], 'with' => ['tag' => 'n']];
        $well = ['kind' => 'start', 'reached' => 'stays', 'times' => 4];
        $counted = function (array $setUp) use ($dead, $new, $well): CleanStarts {
            $trial = ['kind' => 'start', 'reached' => 'stays', 'setup' => $setUp];

            return CleanStarts::in(Bench::case([$dead, $trial, $new, $well])->record, Bench::catalogue());
        };
        $trials = [
            ['start_by' => 'pins'],
            ['place' => 'bench', 'start_by' => 'pins'],
            ['driver' => 'basic'],
            ['clocks' => 'low'],
            ['output' => 'other'],
            ['moved' => ['card' => 'second']],
        ];
        foreach ($trials as $setUp) {
            $this->assertSame([1, 1, 4], [$counted($setUp)->failed, $counted($setUp)->started, $counted($setUp)->clean]);
            $this->assertSame([], $counted($setUp)->forTheOwner(), 'it failed every time as it came');
        }
        $this->assertSame(2, $counted(['place' => 'bench'])->started);
        foreach ([['moved' => ['card' => 'second']], ['clocks' => 'low'], ['place' => 'bench', 'start_by' => 'pins']] as $setUp) {
            $after = CleanStarts::in(Bench::case([$dead, $new, [...$well, 'setup' => $setUp]])->record, Bench::catalogue());
            $this->assertSame(4, $after->clean, 'so it goes back');
        }
    }
}
