<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

/**
 * How many are still well after so long, where some are not out for long yet: Kaplan & Meier 1958, with the errors of Greenwood 1926.
 */
final readonly class Survival
{
    /**
     * @param  list<array{time: float, share: float, error: float, risk: int}>  $steps one for each time at which something happened,
     *     earliest first
     */
    private function __construct(public array $steps, public int $count, public int $events)
    {
    }

    /** @param  list<array{float, bool}>  $cases time, and whether it happened then; if not, it was only watched so long */
    public static function of(array $cases): self
    {
        usort($cases, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $risk = count($cases);
        $share = 1.0;
        $variance = 0.0;
        $steps = [];
        $events = 0;
        for ($i = 0, $n = count($cases); $i < $n;) {
            $time = $cases[$i][0];
            $happened = $leave = 0;
            for (; $i < $n && $cases[$i][0] === $time; $i++) {
                $happened += $cases[$i][1] ? 1 : 0;
                $leave++;
            }
            if ($happened > 0) {
                $share *= 1.0 - $happened / $risk;
                $variance += $risk > $happened ? $happened / ($risk * ($risk - $happened)) : 0.0;
                $steps[] = ['time' => $time, 'share' => $share, 'error' => $share * sqrt($variance), 'risk' => $risk];
                $events += $happened;
            }
            $risk -= $leave;
        }

        return new self($steps, count($cases), $events);
    }

    /** Share still well at a time. */
    public function at(float $time): float
    {
        $share = 1.0;
        foreach ($this->steps as $step) {
            if ($step['time'] > $time) {
                break;
            }
            $share = $step['share'];
        }

        return $share;
    }

    /**
     * Share still well at a time, from and to: 1.96 errors either way, within 0 and 1.
     *
     * @return array{float, float}
     */
    public function interval(float $time): array
    {
        $error = 0.0;
        foreach ($this->steps as $step) {
            $error = $step['time'] > $time ? $error : $step['error'];
        }

        return [max(0.0, $this->at($time) - 1.96 * $error), min(1.0, $this->at($time) + 1.96 * $error)];
    }

    /**
     * The curve with fewer steps, for drawing: the last one of each of so many equal stretches of time.
     *
     * @return list<array{time: float, share: float, error: float, risk: int}>
     */
    public function outline(int $most): array
    {
        $all = $this->steps === [] ? 0.0 : $this->steps[count($this->steps) - 1]['time'];
        if (count($this->steps) <= $most || $all <= 0.0) {
            return $this->steps;
        }
        $kept = [];
        foreach ($this->steps as $step) {
            $kept[(int) floor((($most - 1) * $step['time']) / $all)] = $step;
        }

        return array_values($kept);
    }
}
