<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Electrical\Limit;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Practice\SimulatedReading;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SimulatedReadingTest extends TestCase
{
    public function test_numbers_are_judged_by_the_published_limits_as_they_should_be(): void
    {
        $meter = Bench::catalogue()->meter;
        $judged = 0;
        foreach (Bench::catalogue()->limits as $limit) {
            foreach ([true, false] as $passes) {
                foreach (range(1, 20) as $seed) {
                    $values = SimulatedReading::of($limit, $passes, false, $meter, Draw::from("reading {$seed}"));
                    if ($values !== []) {
                        $this->assertSame($passes, Judgement::of($limit, $values, $meter)->passes(), "{$limit->id} {$seed}");
                        $judged++;
                    }
                }
            }
        }
        $this->assertGreaterThan(100, $judged);
    }

    public function test_they_differ_from_reading_to_reading_by_what_a_meter_may_be_off(): void
    {
        $shown = [];
        foreach (range(1, 30) as $seed) {
            $shown[] = $this->supply(true, false, $seed)['v12'];
        }
        $this->assertGreaterThan(5, count(array_unique(array_map(strval(...), $shown))));
        $this->assertGreaterThan(11.4, min($shown));
        $this->assertLessThan(12.6, max($shown));
    }

    public function test_one_rail_is_bad_and_a_dead_supply_gives_nothing(): void
    {
        $low = array_filter($this->supply(false, false, 3), fn (float $volts): bool => $volts === 0.0);
        $this->assertSame([], $low);
        $this->assertSame([0.0], array_values(array_unique($this->supply(false, true, 3))));
        $this->assertNotSame([0.0], array_values(array_unique($this->supply(true, true, 3))), 'dead is no pass');
    }

    /** @return array<string, float> */
    private function supply(bool $passes, bool $dead, int $seed): array
    {
        $limit = Bench::catalogue()->limits['supply'];
        $this->assertInstanceOf(Limit::class, $limit);

        return SimulatedReading::of($limit, $passes, $dead, Bench::catalogue()->meter, Draw::from("supply {$seed}"));
    }
}
