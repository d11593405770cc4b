<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;
use InvalidArgumentException;

/** When a shop works: the same hours on some days of the week, but for days on which it stays shut. */
final readonly class OpeningHours implements WorkingTime
{
    /**
     * @param  list<int>  $days ISO days of the week, 1 = Monday to 7 = Sunday
     * @param  int  $from hour, 0 to 23
     * @param  int  $to   hour, after $from, up to 24
     * @param  list<string>  $closed days on which it stays shut, as 2026-12-25; fewer than a year of them ahead
     */
    public function __construct(public array $days, public int $from, public int $to, public array $closed = [])
    {
        if ($days === [] || array_diff($days, range(1, 7)) !== [] || $from < 0 || $to > 24 || $to <= $from) {
            throw new InvalidArgumentException('A shop opens on at least one day of the week (1 to 7), and closes after it opens.');
        }
    }

    public function areOpen(DateTimeImmutable $at): bool
    {
        $hour = (int) $at->format('G');

        return $this->opensOn($at) && $hour >= $this->from && $hour < $this->to;
    }

    /** The first moment from then on at which the shop is open. */
    public function nextOpen(DateTimeImmutable $at): DateTimeImmutable
    {
        while (! $this->areOpen($at)) {
            $today = $this->opensOn($at) && (int) $at->format('G') < $this->from;
            $at = ($today ? $at : $at->modify('+1 day'))->setTime($today ? $this->from : 0, 0);
            if (! $today && $this->opensOn($at)) {
                $at = $at->setTime($this->from, 0);
            }
        }

        return $at;
    }

    private function opensOn(DateTimeImmutable $day): bool
    {
        return in_array((int) $day->format('N'), $this->days, true) && ! in_array($day->format('Y-m-d'), $this->closed, true);
    }

    /** When it closes on the day of that moment. */
    public function closing(DateTimeImmutable $at): DateTimeImmutable
    {
        return $at->setTime($this->to === 24 ? 23 : $this->to, $this->to === 24 ? 59 : 0);
    }

    /** The moment at which so many minutes of open time have passed. */
    public function after(DateTimeImmutable $at, int $minutes): DateTimeImmutable
    {
        $at = $this->nextOpen($at);
        while (true) {
            $left = intdiv($this->closing($at)->getTimestamp() - $at->getTimestamp(), 60);
            if ($minutes <= $left) {
                return $at->modify("+{$minutes} minutes");
            }
            $minutes -= $left;
            $at = $this->nextOpen($at->modify('+1 day')->setTime(0, 0));
        }
    }
}
