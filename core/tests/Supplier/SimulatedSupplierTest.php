<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Supplier;

use DateTimeImmutable;
use Orthoscope\Core\Supplier\ClaimAnswer;
use Orthoscope\Core\Supplier\SimulatedSupplier;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SimulatedSupplierTest extends TestCase
{
    public function test_the_same_seed_gives_the_same_course(): void
    {
        $day = new DateTimeImmutable('2026-11-25 10:00');
        foreach (['O-1', 'O-2', 'O-3'] as $order) {
            $this->assertEquals($this->supplier()->deliver('tm-card-mid', $order), $this->supplier()->deliver('tm-card-mid', $order));
            $this->assertEquals(
                $this->supplier()->promise('bw-supply-550', $order, $day),
                $this->supplier()->promise('bw-supply-550', $order, $day),
            );
        }
        $this->assertNull($this->supplier()->offer('no-such', $day));
    }

    public function test_it_delivers_within_its_days_and_sells_nothing_it_has_not(): void
    {
        $soldOut = $kept = 0;
        for ($i = 0; $i < 400; $i++) {
            $day = (new DateTimeImmutable('2026-01-01 10:00'))->modify("+{$i} days");
            $offer = $this->supplier()->offer('rw-supply-500', $day);
            $promise = $this->supplier()->promise('rw-supply-500', "O-{$i}", $day);
            if ($offer?->stock === 0) {
                $this->assertNull($promise);
                $soldOut++;
            } else {
                $days = (int) $day->setTime(0, 0)->diff($promise->setTime(0, 0))->days;
                $this->assertGreaterThanOrEqual($offer->days[0], $days);
                $this->assertLessThanOrEqual($offer->days[1], $days);
                $kept++;
            }
        }
        $this->assertGreaterThan(5, $soldOut);
        $this->assertGreaterThan(300, $kept);
    }

    public function test_dead_wrong_and_damaged_parts_come_as_often_as_the_house_says(): void
    {
        $wrong = $dead = $damaged = 0;
        for ($i = 0; $i < 4000; $i++) {
            $delivery = $this->supplier()->deliver('tm-supply-450', "O-{$i}");
            $wrong += $delivery->wrong ? 1 : 0;
            $damaged += $delivery->damaged ? 1 : 0;
            $dead += $delivery->works ? 0 : 1;
            $this->assertSame(! $delivery->wrong && ! $delivery->damaged, $delivery->seen() === 'fine');
        }
        $this->assertEqualsWithDelta(0.05, $wrong / 4000, 0.012);
        $this->assertEqualsWithDelta(0.04, $damaged / 4000, 0.012);
        // Dead by itself, or because the parcel was dropped: 1 - 0.85 x 0.96.
        $this->assertEqualsWithDelta(0.184, $dead / 4000, 0.02);
    }

    public function test_a_claim_with_the_condition_that_shows_the_fault_does_better(): void
    {
        $settled = ['with' => 0, 'without' => 0];
        for ($i = 0; $i < 600; $i++) {
            $supplier = new SimulatedSupplier(Bench::catalogue()->supplier, 'claims', ["O-{$i}" => false]);
            $settled['with'] += $supplier->answer('tm-card-mid', "O-{$i}", 1, true)->settles() ? 1 : 0;
            $settled['without'] += $supplier->answer('tm-card-mid', "O-{$i}", 1, false)->settles() ? 1 : 0;
        }
        $this->assertGreaterThan(1.5 * $settled['without'], $settled['with']);
        $good = new SimulatedSupplier(Bench::catalogue()->supplier, 'claims', ['O-x' => true]);
        $this->assertSame(ClaimAnswer::NoFaultFound, $good->answer('tm-card-mid', 'O-x', 1, true));
    }

    public function test_of_claims_that_are_settled_seven_in_ten_are_replaced_and_the_rest_refunded(): void
    {
        $answers = ['replaced' => 0, 'refunded' => 0];
        for ($i = 0; $i < 1500; $i++) {
            $supplier = new SimulatedSupplier(Bench::catalogue()->supplier, 'claims', ["O-{$i}" => false]);
            $delivery = $supplier->deliver('tm-card-mid', "O-{$i}");
            $answer = $supplier->answer('tm-card-mid', "O-{$i}", 1, true);
            if (! $delivery->wrong && ! $delivery->damaged && $answer->settles()) {
                $answers[$answer === ClaimAnswer::Replaced ? 'replaced' : 'refunded']++;
            }
        }
        $this->assertGreaterThan(500, array_sum($answers));
        $this->assertEqualsWithDelta(0.7, $answers['replaced'] / array_sum($answers), 0.06);
    }

    private function supplier(): SimulatedSupplier
    {
        return new SimulatedSupplier(Bench::catalogue()->supplier, 'test');
    }
}
