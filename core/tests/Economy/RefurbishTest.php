<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Economy;

use DateTimeImmutable;
use Orthoscope\Core\Economy\Refurbish;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class RefurbishTest extends TestCase
{
    private const RUNS = [
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 8],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 3, 'setup' => ['goal' => 'load']],
    ];

    public function test_shares_add_up_to_what_was_paid(): void
    {
        $own = $this->own(self::RUNS, 10007);
        $this->assertSame(10007, array_sum(array_map(fn (array $part): int => $part['cost']->minor, $own->parts)));
        // The card costs 180 new, the board 115: their shares stand to each other as that, to the cent.
        $this->assertEqualsWithDelta(180 / 115, $own->parts['card']['cost']->minor / $own->parts['board']['cost']->minor, 0.01);
    }

    public function test_a_machine_that_runs_is_built_and_one_with_a_dead_board_is_broken_up(): void
    {
        $this->assertStringStartsWith('Build it', $this->own(self::RUNS, 6000)->advice);
        $dead = $this->own(
            [
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 200],
                ['kind' => 'finding', 'check' => 'look-board', 'result' => 'corroded'],
            ],
            2000,
            toFinish: 30000,
        );
        $this->assertStringStartsWith('Break it up', $dead->advice);
        $this->assertGreaterThan($dead->build->minor, $dead->break->minor);
    }

    public function test_a_bad_buy_goes_back_while_the_seller_takes_it(): void
    {
        $now = new DateTimeImmutable('2026-11-25 10:00');
        $entries = [['kind' => 'start', 'reached' => 'dark', 'waited' => 200]];
        $back = $this->own($entries, 60000, 30000, $now, $now->modify('+3 days'));
        $this->assertSame(3, $back->daysLeft);
        $this->assertStringStartsWith('Send it back', $back->advice);
        $this->assertStringContainsString('3 more days', $back->advice);
        $this->assertStringStartsNotWith('Send it back', $this->own($entries, 60000, 30000, $now, $now->modify('-1 day'))->advice);
    }

    public function test_the_seller_still_takes_it_on_the_last_day(): void
    {
        $now = new DateTimeImmutable('2026-11-25 10:00');
        $entries = [['kind' => 'start', 'reached' => 'dark', 'waited' => 200]];
        $until = fn (string $day): string => $this->own($entries, 60000, 30000, $now, new DateTimeImmutable($day))->advice;
        $this->assertStringContainsString('takes it for 0 more days', $until('2026-11-25 08:00'));
        $this->assertStringContainsString('takes it for 1 more day.', $until('2026-11-26 08:00'));
    }

    public function test_what_is_kept_back_for_comebacks_is_a_share_of_the_work_and_a_quarter_of_its_price_by_the_year(): void
    {
        $own = $this->own(self::RUNS, 6000);
        $economy = Bench::catalogue()->economy;
        $terms = $economy->refurbish;
        // Half a year of warranty: half a year's comebacks.
        $this->assertSame(6, $terms->warrantyMonths);
        $whole = $own->build->minor + 6000 + $own->reserve->minor + (int) round($terms->ready * $economy->labour);
        $this->assertEqualsWithDelta(
            0.5 * $terms->comeback * ($economy->redo * $economy->labour + $whole / 4),
            $own->reserve->minor,
            1.0,
        );
    }

    public function test_what_is_proved_is_worth_more_than_what_is_only_there(): void
    {
        $proved = $this->own(self::RUNS, 6000);
        $seen = $this->own([['kind' => 'start', 'reached' => 'nothing']], 6000);
        $this->assertGreaterThan($seen->parts['card']['worth']->minor, $proved->parts['card']['worth']->minor);
    }

    public function test_what_it_takes_to_take_a_part_out_is_taken_off_what_it_fetches(): void
    {
        $own = $this->own(self::RUNS, 0);
        $economy = Bench::catalogue()->economy;
        $out = (int) round($economy->refurbish->takeOut * $economy->labour);
        $this->assertGreaterThan(0, $out);
        $fetched = array_sum(array_map(static fn (array $part): int => max(0, $part['worth']->minor - $out), $own->parts));
        $this->assertSame($fetched, $own->break->minor);
        $this->assertLessThan(array_sum(array_map(static fn (array $part): int => $part['worth']->minor, $own->parts)), $fetched);
    }

    public function test_a_lot_is_shared_out_to_the_cent(): void
    {
        $shares = Refurbish::lot(10000, [70200, 70200, 35100]);
        $this->assertSame([4000, 4000, 2000], array_map(fn (Money $share): int => $share->minor, $shares));
        $this->assertSame(10001, array_sum(array_map(fn (Money $share): int => $share->minor, Refurbish::lot(10001, [3, 3, 3]))));
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function own(
        array $entries,
        int $paid,
        int $toFinish = 0,
        ?DateTimeImmutable $now = null,
        ?DateTimeImmutable $until = null,
    ): Refurbish {
        return Refurbish::of(
            Bench::assess($entries),
            Bench::catalogue(),
            $paid,
            $toFinish,
            $now ?? new DateTimeImmutable('2026-11-25'),
            $until,
        );
    }
}
