<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;

/**
 * Who is in when, and so how many benches are worked at a time. Of a day for which nothing is written down nothing is known: then all who
 * work at benches count, within opening hours.
 */
final readonly class Roster
{
    /** @param  array<string, list<ShiftHours>>  $days day => shifts on it */
    private function __construct(private array $days, private OpeningHours $hours, public int $usual)
    {
    }

    /**
     * @param  list<ShiftHours>  $shifts of people who work at benches
     * @param  int  $usual benches worked at a time where nothing is written down, 1 or more
     */
    public static function of(array $shifts, OpeningHours $hours, int $usual): self
    {
        $days = [];
        foreach ($shifts as $shift) {
            $days[$shift->day()][] = $shift;
        }

        return new self($days, $hours, max(1, $usual));
    }

    /** The time in which at least so many people are in: the first bench is worked while anybody is, the second while two are. */
    public function bench(int $number): BenchTime
    {
        return new BenchTime(array_map(fn (array $shifts): array => self::whileAtLeast($number, $shifts), $this->days), $this->hours);
    }

    /** Benches worked at a time on the day on which work next goes on, at most the usual number; 1 at least. */
    public function hands(DateTimeImmutable $now): int
    {
        $shifts = $this->days[$this->bench(1)->nextOpen($now)->format('Y-m-d')] ?? null;
        if ($shifts === null) {
            return $this->usual;
        }
        $left = array_values(array_filter($shifts, fn (ShiftHours $shift): bool => $shift->to > $now));
        $hands = 1;
        while ($hands < $this->usual && self::whileAtLeast($hands + 1, $left) !== []) {
            $hands++;
        }

        return $hands;
    }

    /**
     * @param  list<ShiftHours>  $shifts of one day
     *
     * @return list<array{DateTimeImmutable, DateTimeImmutable}> in order, not touching
     */
    private static function whileAtLeast(int $people, array $shifts): array
    {
        $turns = [];
        foreach ($shifts as $shift) {
            $turns[] = [$shift->from, 1];
            $turns[] = [$shift->to, -1];
        }
        // Who comes at the moment another goes takes over without a gap.
        usort($turns, fn (array $a, array $b): int => [$a[0], -$a[1]] <=> [$b[0], -$b[1]]);
        $windows = [];
        $in = 0;
        $since = null;
        foreach ($turns as [$at, $change]) {
            $in += $change;
            if ($in >= $people) {
                $since ??= $at;
            } elseif ($since !== null) {
                if ($at > $since) {
                    $windows[] = [$since, $at];
                }
                $since = null;
            }
        }

        return $windows;
    }
}
