<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Intake\Age;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What happened just before, and what was done earlier, shifts what is likely: common practice, no source; the factors are judgement. */
final class CircumstancesTest extends TestCase
{
    private const DEAD = ['kind' => 'report', 'reached' => 'nothing'];

    private const DARK = ['kind' => 'report', 'reached' => 'dark'];

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>, list<string>}> report, what is added to it, parts that
     *     rise
     */
    public static function risers(): iterable
    {
        yield 'cooler work raises the panel lead' => [self::DEAD, ['events' => ['cooler-work']], ['panel']];
        yield 'cooler work raises the socket and the board' => [self::DARK, ['events' => ['cooler-work']], ['socket', 'board']];
        yield 'cooler work raises the cooler' => [['kind' => 'report', 'reached' => 'drops'], ['events' => ['cooler-work']], ['cooler']];
        yield 'a new card raises a supply that is too small' => [
            ['kind' => 'report', 'reached' => 'drops'],
            ['events' => ['card-changed']],
            ['supply'],
        ];
        yield 'a new card raises its seat and its plug' => [self::DARK, ['events' => ['card-changed']], ['card-slot', 'card-plug']];
        yield 'new memory raises its seat' => [self::DARK, ['events' => ['memory-changed']], ['slot-A2']];
        yield 'a storm raises the supply' => [self::DEAD, ['events' => ['storm']], ['supply']];
        yield 'a storm raises the board' => [self::DARK, ['events' => ['storm']], ['board']];
    }

    /**
     * @param  array<string, mixed>  $report
     * @param  array<string, mixed>  $added
     * @param  list<string>  $parts
     */
    #[DataProvider('risers')]
    public function test_what_happened_just_before_raises_what_it_touches(array $report, array $added, array $parts): void
    {
        $before = Bench::assess([$report])->standings;
        $after = Bench::assess([[...$report, ...$added]])->standings;
        foreach ($parts as $part) {
            $this->assertGreaterThan($before[$part]->probability, $after[$part]->probability, $part);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function earlier(): iterable
    {
        yield 'a supply that was replaced and held for a while' => [self::DEAD, 'supply-worked', 'supply'];
        yield 'a supply that was replaced without help' => [self::DEAD, 'supply-no-help', 'supply'];
        yield 'memory that was replaced and held for a while' => [self::DARK, 'memory-worked', 'stick-1'];
        yield 'a card that was replaced and held for a while' => [self::DARK, 'card-worked', 'card'];
        yield 'a board that was replaced and held for a while' => [self::DARK, 'board-worked', 'board'];
        yield 'settings that were cleared without help' => [self::DARK, 'settings-no-help', 'settings'];
    }

    /** @param  array<string, mixed>  $report */
    #[DataProvider('earlier')]
    public function test_what_was_changed_earlier_is_suspected_less(array $report, string $history, string $part): void
    {
        $before = Bench::assess([$report])->standings[$part]->probability;
        $after = Bench::assess([[...$report, 'history' => [$history]]])->standings[$part]->probability;
        $this->assertLessThan(0.9 * $before, $after);
        $this->assertGreaterThan(0.1 * $before, $after, 'it is weakened, not cleared');
    }

    public function test_an_old_machine_is_suspected_of_what_wears_and_a_young_one_is_not(): void
    {
        $cell = fn (array $history): float => Bench::assess([[...self::DARK, 'history' => $history]])->standings['cell']->probability;
        $this->assertGreaterThan($cell([]), $cell(['age-old']));
        $this->assertLessThan($cell([]), $cell(['age-young']));
        $this->assertSame(['age-young', 'age-young', null, null, 'age-old'], array_map(Age::history(...), [0, 1, 2, 7, 8]));
        $this->expectExceptionMessage('from 0 to 40');
        Age::history(41);
    }

    public function test_a_mark_made_by_an_answer_locks_like_one_made_at_arrival(): void
    {
        $wet = Bench::assess([['kind' => 'answer', 'question' => 'danger', 'answer' => 'liquid']]);
        $this->assertTrue($wet->locks->powerIsLocked());
        $dry = Bench::assess([['kind' => 'answer', 'question' => 'danger', 'answer' => 'none']]);
        $this->assertFalse($dry->locks->powerIsLocked());
    }

    public function test_an_answer_shifts_priors_as_a_report_does(): void
    {
        $told = Bench::assess([[...self::DEAD, 'events' => ['storm']]])->standings['supply']->probability;
        $answered = Bench::assess([self::DEAD, ['kind' => 'answer', 'question' => 'before', 'answer' => 'storm']])->standings['supply']
            ->probability;
        $this->assertEqualsWithDelta($told, $answered, 1e-9);
    }
}
