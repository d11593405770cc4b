<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Electrical;

use InvalidArgumentException;
use Orthoscope\Core\Electrical\Sizing\CardPower;
use Orthoscope\Core\Electrical\Sizing\Draws;
use Orthoscope\Core\Electrical\Sizing\SupplySizing;
use Orthoscope\Core\Electrical\Sizing\SupplyUnit;
use PHPUnit\Framework\TestCase;

/** The sum of the parts against the unit. Power into a card: PCI-SIG CEM, from memory: slot 75 W, 6-pin 75 W, 8-pin 150 W. */
final class SupplySizingTest extends TestCase
{
    public function test_a_card_may_draw_what_slot_and_plugs_are_specified_for(): void
    {
        $this->assertSame(
            [75.0, 150.0, 225.0, 300.0, 375.0],
            array_map(CardPower::most(...), [[], ['6-pin' => 1], ['8-pin' => 1], ['6-pin' => 1, '8-pin' => 1], ['8-pin' => 2]]),
        );
    }

    public function test_twelve_volts_carry_less_than_the_label_says_in_all(): void
    {
        // Common practice, no source: a 520 W unit with 40 A on 12 V carries 480 W there. By Ohm's law 12 V x 40 A = 480 W.
        $this->assertSame(480.0, SupplyUnit::of(520, 40)->watts12());
        $this->assertSame(520.0, SupplyUnit::of(520, 60)->watts12(), 'never more than in all');
    }

    public function test_an_upgrade_on_an_old_small_supply_is_too_small(): void
    {
        $sizing = SupplySizing::of(SupplyUnit::of(300, 18, ['6-pin' => 0]), [
            self::draws()->processor(95),
            self::draws()->card(null, ['6-pin' => 1]),
            self::draws()->rest(4, 3, 3),
        ]);
        $this->assertTrue($sizing->tooSmall);
        // By hand: 95 + 150 + (45 + 16 + 24 + 9) = 339 W in all; on 12 V 95 + 150 + 47 = 292 W = 24.33 A of 18 A.
        $this->assertEqualsWithDelta(339.0, $sizing->watts, 1e-9);
        $this->assertEqualsWithDelta(292 / 12, $sizing->amps12, 1e-9);
        $this->assertEqualsWithDelta((95 * 1.25 + 150 * 1.5 + 47) / 12, $sizing->peak12, 1e-9);
        $this->assertSame(['6-pin'], $sizing->missing);
        $this->assertContains('It lacks a 6-pin plug that the card needs.', $sizing->sentences);
        $this->assertContains('All parts at work: 339 of 300 W, 113 %.', $sizing->sentences);
    }

    public function test_enough_tight_and_too_small_by_a_peak_alone(): void
    {
        $parts = [self::draws()->processor(100), self::draws()->card(200, ['8-pin' => 1]), self::draws()->rest(2, 1, 2)];
        $roomy = SupplySizing::of(SupplyUnit::of(750, 62, ['8-pin' => 2]), $parts);
        $this->assertSame([false, false, []], [$roomy->tooSmall, $roomy->tight, $roomy->missing]);
        // 200 + 67 = 267 of 320 W is 83 %; 233.5 of 312 W on 12 V; 283.5 W in a peak.
        $tight = SupplySizing::of(SupplyUnit::of(320, 26), [self::draws()->processor(200), self::draws()->rest(2, 1, 2)]);
        $this->assertSame([false, true], [$tight->tooSmall, $tight->tight]);
        $peak = SupplySizing::of(SupplyUnit::of(450, 32, ['8-pin' => 1]), $parts);
        $this->assertTrue($peak->tooSmall);
        $this->assertLessThan(384.0, 12 * $peak->amps12, 'steadily it would be enough');
        $this->assertGreaterThan(384.0, 12 * $peak->peak12);
    }

    public function test_more_parts_never_need_less(): void
    {
        $unit = SupplyUnit::of(550, 45);
        $last = 0.0;
        foreach (range(0, 6) as $drives) {
            $watts = SupplySizing::of($unit, [self::draws()->processor(65), self::draws()->rest(2, $drives, 1)])->watts;
            $this->assertGreaterThan($last, $watts);
            $last = $watts;
        }
    }

    public function test_a_part_draws_something_and_no_more_than_a_thousand_watts(): void
    {
        $this->assertSame(1000.0, self::draws()->processor(1000.0)->watts);
        foreach ([0.0, -1.0, 1000.5] as $watts) {
            try {
                self::draws()->processor($watts);
                $this->fail("{$watts} W was taken.");
            } catch (InvalidArgumentException $mistake) {
                $this->assertStringContainsString('processor', $mistake->getMessage());
            }
        }
    }

    public function test_labels_that_cannot_be_are_told(): void
    {
        $absurdities = [
            fn () => SupplyUnit::of(5, 20),
            fn () => SupplyUnit::of(500, 0),
            fn () => self::draws()->processor(0),
            fn () => self::draws()->card(5000, []),
        ];
        foreach ($absurdities as $absurd) {
            try {
                $absurd();
                $this->fail('should have been told');
            } catch (InvalidArgumentException $mistake) {
                $this->assertStringContainsString('lie between', $mistake->getMessage());
            }
        }
    }

    private static function draws(): Draws
    {
        return new Draws(
            processor: 95.0,
            board: 45.0,
            stick: 4.0,
            drive: 8.0,
            fan: 3.0,
            fans: 2,
            cardPeak: 1.5,
            processorPeak: 1.25,
        );
    }

    public function test_what_nobody_read_or_counted_is_as_most_machines_have_it(): void
    {
        $this->assertSame(95.0, self::draws()->processor(null)->watts);
        $this->assertSame(self::draws()->rest(2, 1, 2)->watts, self::draws()->rest(2, 1)->watts);
        $this->assertSame(3.0, self::draws()->rest(2, 1, 3)->watts - self::draws()->rest(2, 1)->watts);
    }
}
