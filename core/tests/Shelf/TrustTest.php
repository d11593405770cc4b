<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Shelf\SpareEvent;
use Orthoscope\Core\Shelf\Trust;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class TrustTest extends TestCase
{
    public function test_a_proof_moves_it_as_bayes_says(): void
    {
        // By hand: .65 good; a bad one passes with 7 in 100: .65 / (.65 + .35 * .07).
        $this->assertEqualsWithDelta(
            0.65 / (0.65 + 0.35 * 0.07),
            $this->trust('stick', [SpareEvent::added($this->day(0), 'lot'), SpareEvent::passed($this->day(0), 'host')])->share,
            1e-12,
        );
    }

    public function test_a_new_part_starts_with_the_shops_own_rate_and_not_with_one(): void
    {
        $new = [SpareEvent::added($this->day(0), 'new')];
        $this->assertSame(0.96, Trust::of('card', $new, $this->data(), 0.04)->share);
        // Drawn towards the usual 3 in 100 while the shop has seen few.
        $this->assertEqualsWithDelta(0.03, $this->data()->deadOnArrival(0, 0), 1e-12);
        $this->assertEqualsWithDelta((4 + 0.9) / 50, $this->data()->deadOnArrival(4, 20), 1e-12);
        $this->assertEqualsWithDelta(0.2, $this->data()->deadOnArrival(200, 1000), 0.01);
    }

    public function test_it_falls_with_time_by_kind(): void
    {
        $trust = $this->trust('drive', [SpareEvent::added($this->day(0), 'retired')]);
        $this->assertEqualsWithDelta(
            0.93 * 0.94,
            $trust->at(new DateTimeImmutable('2027-01-01T06:00:00+00:00')),
            1e-4,
            'a year: 6 in 100 of drives',
        );
        $this->assertGreaterThan(
            $trust->at($this->day(400)),
            $this->trust('processor', [SpareEvent::added($this->day(0), 'retired')])->at($this->day(400)),
        );
    }

    public function test_taken_up_again_it_is_the_same(): void
    {
        $events = [
            SpareEvent::added($this->day(0), 'bought'),
            SpareEvent::passed($this->day(30), 'host'),
            SpareEvent::exposed($this->day(90), 0.1),
            SpareEvent::passed($this->day(200), 'long'),
        ];
        $whole = $this->trust('card', $events);
        $half = $this->trust('card', array_slice($events, 0, 2));
        $resumed = Trust::resumed($half->share, $half->at, 'card', $this->data())->after($events[2])->after($events[3]);
        $this->assertEqualsWithDelta($whole->at($this->day(300)), $resumed->at($this->day(300)), 1e-12);
    }

    /** Over random histories: between 0 and 1, never more without a proof, and less with every exposure and doubt. */
    public function test_it_stays_a_probability_and_rises_by_proof_alone(): void
    {
        $kinds = array_keys($this->data()->kinds);
        $proofs = ['host', 'long', 'job'];
        for ($seed = 0; $seed < 200; $seed++) {
            $draw = Draw::from("trust {$seed}");
            $kind = $draw->oneOf($kinds);
            $day = 0;
            $trust = $this->trust($kind, [SpareEvent::added($this->day(0), $draw->oneOf(array_keys($this->data()->origins)))]);
            for ($i = 0; $i < 12; $i++) {
                $day += (int) (200 * $draw->unit());
                $before = $trust->at($this->day($day));
                $event = match ($draw->oneOf([0, 1, 2, 3])) {
                    0 => SpareEvent::passed($this->day($day), $draw->oneOf($proofs)),
                    1 => SpareEvent::failed($this->day($day), 'host'),
                    2 => SpareEvent::exposed($this->day($day), $draw->unit()),
                    default => SpareEvent::doubted($this->day($day), $draw->unit()),
                };
                $trust = $trust->after($event);
                $this->assertGreaterThanOrEqual(0.0, $trust->share);
                $this->assertLessThanOrEqual(1.0, $trust->share);
                $event->kind === SpareEvent::PASSED
                    ? $this->assertGreaterThanOrEqual($before - 1e-12, $trust->share)
                    : $this->assertLessThanOrEqual($before + 1e-12, $trust->share);
                $this->assertLessThanOrEqual($trust->share, $trust->at($this->day($day + 1)));
            }
        }
    }

    public function test_an_origin_nobody_knows_is_told(): void
    {
        $this->expectException(CatalogueMistake::class);
        $this->trust('card', [SpareEvent::added($this->day(0), 'lott')]);
    }

    public function test_a_spare_found_bad_was_as_good_earlier_as_it_lost_since(): void
    {
        // By hand: trusted .98 then and .90 just before it failed: of the .10 that was bad before, .02 was bad then already.
        $this->assertEqualsWithDelta(0.8, Trust::lookingBack(0.98, 0.9), 1e-12);
        $this->assertSame(0.0, Trust::lookingBack(0.9, 0.9), 'nothing happened since: it was bad then');
        $this->assertSame(0.0, Trust::lookingBack(0.9, 1.0));
    }

    public function test_proofs_belong_to_kinds(): void
    {
        $this->assertArrayHasKey('tester', $this->data()->proofsOf('supply'));
        $this->assertArrayNotHasKey('tester', $this->data()->proofsOf('card'));
    }

    private function data(): ShelfData
    {
        return Bench::catalogue()->shelf;
    }

    /** @param  list<SpareEvent>  $events */
    private function trust(string $kind, array $events): Trust
    {
        return Trust::of($kind, $events, $this->data(), 0.03);
    }

    private function day(int $day): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-01-01T00:00:00+00:00 +{$day} days");
    }
}
