<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Queue;

use DateTimeImmutable;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Queue\OpeningHours;
use Orthoscope\Core\Queue\Roster;
use Orthoscope\Core\Queue\ShiftHours;
use Orthoscope\Core\Queue\UnusableShift;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RosterTest extends TestCase
{
    /** A Wednesday. */
    private const DAY = '2026-11-25';

    private OpeningHours $hours;

    protected function setUp(): void
    {
        $this->hours = new OpeningHours([1, 2, 3, 4, 5], 9, 18);
    }

    public function test_a_day_of_which_nothing_is_written_has_opening_hours_and_all_hands(): void
    {
        $roster = Roster::of([], $this->hours, 2);
        foreach (['08:00', '12:34', '19:00'] as $at) {
            foreach ([0, 30, 600, 2000] as $minutes) {
                $this->assertEquals($this->hours->after($this->at($at), $minutes), $roster->bench(2)->after($this->at($at), $minutes));
            }
        }
        $this->assertSame(2, $roster->hands($this->at('10:00')));
    }

    /** Minute by minute, as one would count it by hand. */
    public function test_work_goes_on_while_enough_people_are_in(): void
    {
        foreach (range(1, 30) as $try) {
            $draw = Draw::from("roster {$try}");
            $shifts = array_map(function (int $person) use ($draw): ShiftHours {
                $from = 540 + (int) (400 * $draw->unit());

                return ShiftHours::of(
                    "person {$person}",
                    $this->at('00:00')->modify("+{$from} minutes"),
                    $this->at('00:00')->modify('+'.($from + 20 + (int) (140 * $draw->unit())).' minutes'),
                );
            }, range(1, 4));
            $bench = Roster::of($shifts, $this->hours, 2)->bench(2);
            $at = $this->at('00:00')->modify('+'.(500 + (int) (300 * $draw->unit())).' minutes');
            $minutes = (int) (120 * $draw->unit());
            $worked = 0;
            $clock = $at;
            while ($worked < $minutes && $clock < $this->at('23:59')) {
                $worked +=
                    count(array_filter(
                        $shifts,
                        fn (ShiftHours $shift): bool => $shift->from <= $clock && $clock < $shift->to,
                    )) >= 2 ? 1 : 0;
                $clock = $clock->modify('+1 minute');
            }
            $expected = $worked === $minutes && $minutes > 0 ? $clock : null;
            if ($expected !== null) {
                $this->assertEquals($expected, $bench->after($at, $minutes), "try {$try}");
            } elseif ($minutes > 0) {
                $this->assertEquals(
                    $this->hours->after($this->at('09:00')->modify('+1 day'), $minutes - $worked),
                    $bench->after($at, $minutes),
                    "try {$try}, goes on the next day",
                );
            }
        }
    }

    public function test_so_many_hands_as_are_in_at_once_for_the_rest_of_the_day(): void
    {
        $roster = Roster::of(
            [$this->in('Rhea', '09:00', '17:00'), $this->in('Piet', '09:00', '13:00'), $this->in('Maud', '13:00', '15:00')],
            $this->hours,
            2,
        );
        $this->assertSame(2, $roster->hands($this->at('10:00')));
        $this->assertSame(2, $roster->hands($this->at('14:00')));
        $this->assertSame(1, $roster->hands($this->at('15:30')));
        $this->assertSame(2, $roster->hands($this->at('17:30')), 'of tomorrow nothing is written');
        $this->assertSame(
            1,
            Roster::of([$this->in('Rhea', '09:00', '12:00'), $this->in('Piet', '12:00', '17:00')], $this->hours, 2)->hands(
                $this->at('09:30'),
            ),
        );
    }

    public function test_one_takes_over_from_another_without_a_gap(): void
    {
        $bench = Roster::of([$this->in('Rhea', '09:00', '12:00'), $this->in('Piet', '12:00', '17:00')], $this->hours, 2)->bench(1);
        $this->assertEquals($this->at('14:00'), $bench->after($this->at('10:00'), 240));
    }

    public function test_a_day_on_which_nobody_is_left_goes_on_with_the_next(): void
    {
        $bench = Roster::of([$this->in('Rhea', '09:00', '12:00')], $this->hours, 2)->bench(1);
        $this->assertEquals($this->at('09:00')->modify('+1 day'), $bench->nextOpen($this->at('12:00')));
        $saturday = Roster::of(
            [ShiftHours::of('Rhea', new DateTimeImmutable('2026-11-28 10:00'), new DateTimeImmutable('2026-11-28 14:00'))],
            $this->hours,
            2,
        )->bench(1);
        $this->assertEquals(
            new DateTimeImmutable('2026-11-28 10:00'),
            $saturday->nextOpen(new DateTimeImmutable('2026-11-28 08:00')),
            'somebody comes in though the shop is closed',
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'backwards' => [self::DAY.' 17:00', self::DAY.' 09:00', 'ends after it begins'];
        yield 'no time at all' => [self::DAY.' 09:00', self::DAY.' 09:00', 'ends after it begins'];
        yield 'through the night' => [self::DAY.' 20:00', '2026-11-26 04:00', 'Write two'];
    }

    #[DataProvider('mistakes')]
    public function test_what_is_no_shift_is_told(string $from, string $to, string $says): void
    {
        $this->expectException(UnusableShift::class);
        $this->expectExceptionMessage($says);
        ShiftHours::of('Rhea', new DateTimeImmutable($from), new DateTimeImmutable($to));
    }

    private function at(string $time): DateTimeImmutable
    {
        return new DateTimeImmutable(self::DAY." {$time}");
    }

    private function in(string $who, string $from, string $to): ShiftHours
    {
        return ShiftHours::of($who, $this->at($from), $this->at($to));
    }
}
