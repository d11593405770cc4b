<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\EntryFit;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Diagnosis\SingleFaults;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Simulation\RandomRecord;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The sets that a second look takes in, found from what each fault alone makes of each entry: against a full enumeration of all pairs. */
final class LikelySetsTest extends TestCase
{
    /** In records that say little the share of pairs is spread over thousands, and less is held: under six tenths in the worst seen. */
    private const HELD_AT_LEAST = 0.55;

    private const HELD_ON_AVERAGE = 0.8;

    public function test_the_sets_found_hold_nearly_all_that_a_full_enumeration_gives_to_pairs(): void
    {
        $held = [];
        $isLong = getenv('EVERY_COURSE') !== false;
        foreach ($isLong ? [0, 1, 5] : [0] as $i) {
            [$hidden, $written] = RandomRecord::of(Catalogue::shipped(), 10, "long {$i}");
            $machine = $hidden->machine();
            $record = new Record($written);
            $found = array_map(
                fn (array $set): string => implode(' ', $set),
                SingleFaults::of($machine, $record, Catalogue::shipped(), [])->likelySets(),
            );
            $pairs = [];
            $all = Replay::of($machine, $record, Catalogue::shipped(), pruneBelow: $isLong ? 1e-13 : 1e-11);
            $prior = $all->prior();
            foreach ($all->belief->bySet() as $set => $p) {
                $faults = array_map(intval(...), explode(' ', (string) $set));
                if (count($faults) === 2 && $prior->pair(...$faults) > 0.0) {
                    $pairs[$set] = $p;
                }
            }
            $held[$i] = array_sum(array_intersect_key($pairs, array_flip($found))) / array_sum($pairs);
            $this->assertGreaterThan(self::HELD_AT_LEAST, $held[$i], "record {$i}");
            arsort($pairs);
            // Of a record that says little even the likeliest pairs hold under a hundredth each; further down the order is chance.
            foreach (array_keys(array_slice($pairs, 0, 2, true)) as $likeliest) {
                $this->assertContains((string) $likeliest, $found, "record {$i}");
            }
        }
        if (count($held) > 1) {
            $this->assertGreaterThan(self::HELD_ON_AVERAGE, array_sum($held) / count($held));
        }
    }

    public function test_what_is_kept_up_entry_by_entry_is_what_going_through_all_gives(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];
        $assessment = Bench::assess([
            ['kind' => 'report', 'reached' => 'dark', 'events' => ['moved']],
            $dark,
            ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
            $dark,
            [...$dark, 'setup' => ['out' => ['stick-2']]],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
            ['kind' => 'start', 'reached' => 'stays'],
            $dark,
        ]);
        [$machine, $entries] = [$assessment->machine, $assessment->record->entries];
        $whole = SingleFaults::of($machine, new Record($entries), Catalogue::shipped(), []);
        $this->assertNotSame([], $whole->likelySets());
        $grown = SingleFaults::of($machine, new Record(array_slice($entries, 0, 5)), Catalogue::shipped(), [])->and(new Record($entries));
        $this->assertSame($whole->likelySets(), $grown?->likelySets());
        $kept = SingleFaults::of($machine, new Record(array_slice($entries, 0, 7)), Catalogue::shipped(), [])->kept();
        $this->assertSame(
            $whole->likelySets(),
            SingleFaults::resume(unserialize(serialize($kept)), $machine, new Record($entries), Catalogue::shipped(), [])?->likelySets(),
        );
    }

    public function test_an_entry_fits_two_faults_by_the_earlier_one_and_where_it_lets_pass_by_the_later(): void
    {
        // A hard fault a stops nearly every start; b stops half of those that come so far. Seen: it stopped at b.
        $fit = EntryFit::of(0.01, [1 => 0.01, 2 => 0.46], [1 => 0.98, 2 => 0.5]);
        $this->assertSame([0.01, [2 => 0.46], [1 => 0.02, 2 => 0.5]], [$fit->none, $fit->of, $fit->past]);
        $this->assertSame(0.46, $fit->best());
        $pair = ($fit->of[1] ?? $fit->none) + $fit->past[1] * ($fit->of[2] - $fit->none);
        $this->assertEqualsWithDelta(0.01 + 0.02 * 0.45, $pair, 1e-9, 'with a in the way, b is hardly ever seen');
        // Faults that a look shows independently: nothing found is as likely as the product.
        $look = EntryFit::of(0.9, [1 => 0.45, 2 => 0.3], null);
        $this->assertEqualsWithDelta(0.9 * 0.5 * (0.3 / 0.9), $look->of[1] + $look->past[1] * ($look->of[2] - $look->none), 1e-4);
        $this->assertEquals(EntryFit::fromKept($look->kept()), $look);
    }
}
