<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Patterns;

use Orthoscope\Core\Patterns\Pattern;
use Orthoscope\Core\Patterns\Seen;
use Orthoscope\Core\Patterns\SimulatedYear;
use Orthoscope\Core\Patterns\Watch;
use Orthoscope\Core\Statistics\Fisher;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class WatchTest extends TestCase
{
    public function test_a_third_of_one_model_with_one_fault_stands_out(): void
    {
        $patterns = array_values(
            array_filter(
                Watch::over($this->jobs(bad: 6, of: 14)),
                fn (Pattern $one): bool => $one->id() === 'model:Heron T2:fault:board-regulator',
            ),
        );
        $this->assertSame([6, 14, 1, 186], [$patterns[0]->with, $patterns[0]->of, $patterns[0]->elsewhere, $patterns[0]->others]);
        $this->assertEqualsWithDelta(Fisher::more(6, 8, 1, 185), $patterns[0]->chance, 1e-12);
        $this->assertCount(6, $patterns[0]->jobs);
        // The rate is drawn towards the family's, and no further.
        $this->assertLessThan(6 / 14, $patterns[0]->rate->belief->mean());
        $this->assertGreaterThan(0.05, $patterns[0]->rate->belief->interval()[0]);
    }

    public function test_few_jobs_and_usual_rates_do_not(): void
    {
        $this->assertSame([], Watch::over($this->jobs(bad: 2, of: 14)));
        $this->assertSame([], Watch::over([]));
        $this->assertNotContains(
            'model:Heron T2:cause:supply',
            array_map(fn (Pattern $one): string => $one->id(), Watch::over($this->jobs(bad: 6, of: 14))),
        );
    }

    public function test_a_part_is_counted_in_whatever_machine_it_sits(): void
    {
        $jobs = [];
        foreach (range(1, 200) as $i) {
            // Every tenth has the board, each in a machine of another name; of those every second has the fault.
            $board = $i % 10 === 0 ? 'board: Kestrel B2' : 'board: Finch '.($i % 3);
            $bad = $i % 20 === 0 || $i === 33;
            $jobs[] = new Seen("J-{$i}", $i, ['part' => [$board, 'supply: Lark '.($i % 7)]], $bad ? ['fault:board-capacitor'] : []);
        }
        $found = array_map(fn (Pattern $one): array => [$one->id(), $one->with, $one->of], Watch::over($jobs));
        $this->assertContains(['part:board: Kestrel B2:fault:board-capacitor', 10, 20], $found);
        $this->assertSame([], array_filter($found, fn (array $one): bool => str_contains($one[0], 'Lark')));
    }

    public function test_what_began_lately_is_not_drowned_by_what_was_before(): void
    {
        $old = array_map(
            fn (int $i): Seen => new Seen("old {$i}", 10, ['model' => ['Heron T2'], 'family' => ['Heron']], ['fault:supply-dead']),
            range(1, 60),
        );
        $found = array_column(
            array_map(
                fn (Pattern $one): array => [$one->id(), $one->days, $one->of],
                Watch::over([...$old, ...$this->jobs(bad: 5, of: 14)]),
            ),
            null,
            0,
        );
        $this->assertSame(
            ['model:Heron T2:fault:board-regulator', 120, 14],
            $found['model:Heron T2:fault:board-regulator'],
            'It says how far back it looked.',
        );
    }

    /** Published with more years in docs/PATTERNS.md; here a few, so that the tests stay short. */
    public function test_years_without_a_batch_show_next_to_nothing_and_a_batch_is_found(): void
    {
        $year = new SimulatedYear(Bench::catalogue());
        $false = 0;
        foreach (range(1, 3) as $i) {
            $false += count(SimulatedYear::watched($year->draw("test clean {$i}")));
        }
        $this->assertLessThanOrEqual(3, $false, 'at most one false find a year of 1,000 jobs');
        $found = 0;
        foreach (range(1, 2) as $i) {
            $found += isset(SimulatedYear::watched($year->draw("test bad {$i}", 2, share: 0.5))['model:model 2:fault:board-regulator'])
                ? 1
                : 0;
        }
        $this->assertSame(2, $found);
    }

    public function test_the_same_seed_is_the_same_year(): void
    {
        $year = new SimulatedYear(Bench::catalogue(), 50);
        $this->assertEquals($year->draw('x', 1), $year->draw('x', 1));
        $this->assertNotEquals($year->draw('x'), $year->draw('y'));
    }

    /** @return list<Seen> */
    private function jobs(int $bad, int $of): array
    {
        $jobs = [];
        for ($i = 0; $i < 186; $i++) {
            $jobs[] = new Seen(
                "J{$i}",
                300 + intdiv($i, 4),
                ['model' => ['model '.$i % 12], 'family' => ['family '.$i % 4]],
                [$i === 0 ? 'fault:board-regulator' : 'fault:supply-dead', 'cause:supply'],
            );
        }
        for ($i = 0; $i < $of; $i++) {
            $jobs[] = new Seen(
                "H{$i}",
                340,
                ['model' => ['Heron T2'], 'family' => ['family 1']],
                $i < $bad ? ['fault:board-regulator', 'cause:board'] : ['fault:supply-dead', 'cause:supply'],
            );
        }

        return $jobs;
    }
}
