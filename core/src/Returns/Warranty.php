<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use DateTimeImmutable;

/** Whether what the shop promised still holds on a day. */
final readonly class Warranty
{
    /** @param  int  $daysLeft 0 = today is the last day; below 0 = over since so many days */
    private function __construct(public int $months, public DateTimeImmutable $until, public int $daysLeft)
    {
    }

    public static function of(DateTimeImmutable $handedBack, int $months, DateTimeImmutable $now): self
    {
        // The last day of a shorter month, where the day is not there.
        $day = (int) $handedBack->format('j');
        $first = $handedBack->modify('first day of this month')->modify("+{$months} months");
        $until = $first
            ->setDate((int) $first->format('Y'), (int) $first->format('n'), min($day, (int) $first->format('t')))
            ->setTime(23, 59, 59);

        return new self($months, $until, (int) $now->setTime(0, 0)->diff($until->setTime(0, 0))->format('%r%a'));
    }

    public function holds(): bool
    {
        return $this->months > 0 && $this->daysLeft >= 0;
    }

    public function words(): string
    {
        return match (true) {
            $this->months === 0 => 'No warranty was given.',
            $this->daysLeft >= 0 => "In warranty for {$this->daysLeft} more ".($this->daysLeft === 1 ? 'day.' : 'days.'),
            default => 'Out of warranty since '.-$this->daysLeft.($this->daysLeft === -1 ? ' day.' : ' days.'),
        };
    }
}
