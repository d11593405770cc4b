<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Instruments;

use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Instruments\Instrument;
use Orthoscope\Core\Instruments\SentReading;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What the simulated instruments show is what the limits of the catalogue take for good or bad. */
final class InstrumentTest extends TestCase
{
    private const BAD = ['weak-12', 'no-good', 'dead', 'flat-cell', 'no-mains', 'hot', 'short', 'none-drawn'];

    public function test_a_good_machine_passes_and_each_fault_fails_its_limits(): void
    {
        $judged = 0;
        foreach (Instrument::cases() as $instrument) {
            foreach (array_keys($instrument->faults()) as $fault) {
                foreach (['one', 'two', 'three'] as $seed) {
                    $reading = $instrument->read((string) $fault, Draw::from($seed));
                    if ($reading->check === null) {
                        continue;
                    }
                    $isGood = ! in_array($fault, self::BAD, true);
                    $this->assertSame($isGood, $this->passes($reading), "{$instrument->value} {$fault} {$seed}");
                    $judged++;
                }
            }
        }
        $this->assertSame(3 * 13, $judged);
    }

    public function test_values_lie_where_a_good_or_bad_one_lies(): void
    {
        $draw = fn (): Draw => Draw::from('where');
        $this->assertEqualsWithDelta(3.1, Instrument::Meter->read('none', $draw())->values['volts'], 0.04);
        $this->assertEqualsWithDelta(2.2, Instrument::Meter->read('flat-cell', $draw())->values['volts'], 0.12);
        $good = Instrument::Thermometer->read('none', $draw())->values;
        $this->assertEqualsWithDelta(22.0, $good['room'], 0.5);
        $this->assertEqualsWithDelta(33.0, $good['hot'], 1.0);
        $hotRoom = Instrument::Thermometer->read('hot-room', $draw())->values;
        $this->assertEqualsWithDelta(34.0, $hotRoom['room'], 0.4);
        $this->assertEqualsWithDelta(45.0, $hotRoom['hot'], 1.0);
        $this->assertEqualsWithDelta(58.0, Instrument::Thermometer->read('hot', $draw())->values['hot'], 2.0);
        $this->assertSame(0.0, Instrument::BenchSupply->read('none-drawn', $draw())->values['amps']);
        $dead = Instrument::SupplyTester->read('dead', $draw())->values;
        $this->assertSame(['v12' => 0.0, 'v5' => 0.0, 'v33' => 0.0], array_slice($dead, 0, 3));
    }

    public function test_each_fault_of_the_code_card_has_a_code_of_its_own(): void
    {
        $codes = array_map(
            fn (string $fault): ?string => Instrument::CodeCard->read($fault, Draw::from('code'))->code,
            array_map(strval(...), array_keys(Instrument::CodeCard->faults())),
        );
        $this->assertSame(['A2', '55', '96', '19', '00'], $codes);
    }

    private function passes(SentReading $reading): bool
    {
        $catalogue = Bench::catalogue();
        $limit = $catalogue->limits[(string) $catalogue->check((string) $reading->check)->limit];

        return Judgement::of($limit, $reading->values, $catalogue->meter)->passes();
    }
}
