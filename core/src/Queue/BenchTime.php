<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;

/** When a bench is worked: while enough people are in on days for which that is written down, and within opening hours on the others. */
final readonly class BenchTime implements WorkingTime
{
    /** @param  array<string, list<array{DateTimeImmutable, DateTimeImmutable}>>  $days day => stretches in order */
    public function __construct(private array $days, private OpeningHours $hours)
    {
    }

    public function nextOpen(DateTimeImmutable $at): DateTimeImmutable
    {
        return $this->stretch($at)[0];
    }

    public function after(DateTimeImmutable $at, int $minutes): DateTimeImmutable
    {
        while (true) {
            [$from, $to] = $this->stretch($at);
            $left = intdiv($to->getTimestamp() - $from->getTimestamp(), 60);
            if ($minutes <= $left) {
                return $from->modify("+{$minutes} minutes");
            }
            $minutes -= $left;
            $at = $to;
        }
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} what is left of the stretch that goes on then, or the next one */
    private function stretch(DateTimeImmutable $at): array
    {
        while (isset($this->days[$at->format('Y-m-d')])) {
            foreach ($this->days[$at->format('Y-m-d')] as [$from, $to]) {
                if ($to > $at) {
                    return [max($from, $at), $to];
                }
            }
            $at = $at->modify('+1 day')->setTime(0, 0);
        }
        $open = $this->hours->nextOpen($at);

        return $open->format('Y-m-d') === $at->format('Y-m-d') || ! isset($this->days[$open->format('Y-m-d')])
            ? [$open, $this->hours->closing($open)]
            : $this->stretch($open->setTime(0, 0));
    }
}
