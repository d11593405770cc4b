<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\EntryWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Starts that ended in more ways than one, that dropped after a time, that were meant to run for a while. */
final class StartOutcomesTest extends TestCase
{
    public function test_two_of_ten_is_one_entry_with_two_outcomes(): void
    {
        $start = $this->start(['outcomes' => ['stays' => 2, 'dark' => 8]]);
        $this->assertSame(['dark' => 8, 'stays' => 2], $start->outcomes);
        $this->assertSame(['dark', 'stays', 10], [$start->reached, $start->best(), $start->times]);
        $case = Bench::case([['kind' => 'start', 'outcomes' => ['stays' => 2, 'dark' => 8]]]);
        $this->assertSame(
            'runs, no picture 8 of 10, starts and stays up 2 of 10',
            (new EntryWords($case->machine, Bench::catalogue()))->outcome($start),
        );
    }

    public function test_two_of_ten_speaks_for_what_comes_and_goes(): void
    {
        $shows = function (array $start): float {
            $replay = Bench::replay([['kind' => 'start', ...$start]]);
            $marginals = $replay->belief->marginals();

            return array_sum(
                array_intersect_key(
                    $marginals,
                    array_filter(
                        $replay->model->modes->all,
                        fn ($mode): bool => abs($mode->hazard->under(['any']) - 0.5) < 0.45,
                    ),
                ),
            );
        };
        $this->assertGreaterThan(0.6, $shows(['outcomes' => ['dark' => 8, 'stays' => 2]]));
        $this->assertLessThan(0.2, $shows(['reached' => 'dark', 'times' => 10]));
    }

    public function test_a_wait_is_told_in_seconds_of_a_week_at_most(): void
    {
        $this->assertSame(604800, $this->start(['reached' => 'dark', 'waited' => 604800])->waited);
        foreach ([-1, 604801] as $waited) {
            try {
                $this->start(['reached' => 'dark', 'waited' => $waited]);
                $this->fail("A wait of {$waited} seconds was taken.");
            } catch (CaseMistake $mistake) {
                $this->assertStringContainsString('from 0 to a week', $mistake->getMessage());
            }
        }
    }

    public function test_the_same_sign_in_ten_starts_counts_once(): void
    {
        $machine = ['facts' => ['status_lamps' => true]];
        $suspicion = fn (int $times): float => Bench::suspicion(
            Bench::replay([['kind' => 'start', 'reached' => 'dark', 'times' => $times, 'signs' => ['lamp' => 'graphics']]], $machine),
            'card',
        );
        $this->assertEqualsWithDelta($suspicion(2), $suspicion(10), 0.1);
    }

    public function test_how_soon_it_dropped_is_a_sign(): void
    {
        $this->assertSame('minutes', $this->start(['reached' => 'drops', 'after' => 400])->signs['drop']);
        $suspicion = fn (int $after, string $part): float => Bench::suspicion(
            Bench::replay([['kind' => 'start', 'reached' => 'drops', 'after' => $after]]),
            $part,
        );
        $this->assertGreaterThan($suspicion(5, 'cooler'), $suspicion(400, 'cooler'));
        $this->assertGreaterThan($suspicion(400, 'supply'), $suspicion(5, 'supply'));
        $this->assertGreaterThan($suspicion(5, 'case-fans'), $suspicion(7200, 'case-fans'));
    }

    public function test_a_long_run_that_holds_says_more_of_the_cooler_than_a_plain_start(): void
    {
        $drops = ['kind' => 'start', 'reached' => 'drops'];
        $after = fn (array $setUp): float => Bench::suspicion(
            Bench::replay([$drops, ['kind' => 'start', 'reached' => 'stays', 'setup' => $setUp]]),
            'cooler',
        );
        $this->assertLessThan($after([]), $after(['goal' => 'load']));
        $this->assertLessThan($after(['goal' => 'load']), $after(['goal' => 'hours']));
    }

    public function test_a_plain_start_does_not_prove_what_must_hold_for_hours(): void
    {
        $standing = fn (array $setUp): string => Bench::assess([['kind' => 'start', 'reached' => 'stays', 'times' => 3, 'setup' => $setUp]])
            ->standings['cooler']->standing->value;
        $this->assertNotContains($standing([]), ['proved', 'worked']);
        $this->assertSame('worked', $standing(['goal' => 'hours']));
    }

    public function test_an_opinion_is_kept_and_moves_nothing(): void
    {
        $replay = fn (string $source): float => Bench::suspicion(
            Bench::replay([['kind' => 'report', 'reached' => 'no-drive', 'source' => $source]]),
            'drive',
        );
        $this->assertEqualsWithDelta(Bench::suspicion(Bench::replay([]), 'drive'), $replay('opinion'), 1e-12);
        $this->assertGreaterThan($replay('opinion'), $replay('remembered'));
        $this->assertGreaterThan($replay('remembered'), $replay('seen'));
    }

    public function test_silence_says_nothing_where_nothing_can_sound(): void
    {
        $suspicion = fn (bool $speaker, array $signs): float => Bench::suspicion(
            Bench::replay([['kind' => 'start', 'reached' => 'dark', 'signs' => $signs]], ['facts' => ['speaker' => $speaker]]),
            'stick-1',
        );
        // What is left is that a record that says nothing gives every sign its even chance.
        $this->assertEqualsWithDelta($suspicion(false, []), $suspicion(false, ['beeps' => 'none']), 1e-3);
        $this->assertLessThan($suspicion(true, []), $suspicion(true, ['beeps' => 'none']));
    }

    public function test_a_board_that_shows_a_stop_in_its_own_way_is_read_its_own_way(): void
    {
        $machine = fn (array $signs): array => ['facts' => ['status_lamps' => true], 'board_signs' => $signs];
        $suspicion = fn (array $signs): float => Bench::suspicion(
            Bench::replay([['kind' => 'start', 'reached' => 'dark', 'signs' => ['lamp' => 'cpu']]], $machine($signs)),
            'stick-1',
        );
        $this->assertGreaterThan(3 * $suspicion([]), $suspicion(['lamp' => ['memory' => ['cpu' => 0.9]]]));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'both ways of saying it' => [
            ['kind' => 'start', 'reached' => 'dark', 'outcomes' => ['dark' => 2]],
            '/entries/0/outcomes',
            'either the outcomes',
        ];
        yield 'an outcome nobody knows' => [
            ['kind' => 'start', 'outcomes' => ['drak' => 2]],
            '/entries/0/outcomes/drak',
            'Did you mean "dark"?',
        ];
        yield 'dropped before it started' => [
            ['kind' => 'start', 'reached' => 'drops', 'after' => -4],
            '/entries/0/after',
            'how many seconds',
        ];
        yield 'a host for a look' => [
            ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear', 'host' => ['tag' => 'H-1']],
            '/entries/0/host',
            'leave the host out',
        ];
        yield 'a card in a slot nobody has' => [
            ['kind' => 'start', 'reached' => 'dark', 'setup' => ['moved' => ['card' => 'third']]],
            '/entries/0/setup/moved/card',
            'slot for the card',
        ];
        yield 'a repair that has only begun' => [
            ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler'], 'begun' => true],
            '/entries/0/begun',
            'once it is done',
        ];
        yield 'a source nobody knows' => [['kind' => 'report', 'source' => 'rumour'], '/entries/0/source', ''];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_said_where_it_stands(array $entry, string $path, string $says): void
    {
        try {
            Bench::case([$entry]);
            $this->fail('not seen');
        } catch (CaseMistake $mistake) {
            $this->assertSame($path, $mistake->path);
            $this->assertStringContainsString($says, $mistake->sentence);
        }
    }

    /** @param  array<string, mixed>  $more */
    private function start(array $more): Start
    {
        $start = Bench::case([['kind' => 'start', ...$more]])->record->lastStart();
        $this->assertNotNull($start);

        return $start;
    }
}
