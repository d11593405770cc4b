<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

use InvalidArgumentException;

/** A count of successes out of trials, and what it says of the rate. */
final readonly class Binomial
{
    private function __construct(public int $successes, public int $trials)
    {
    }

    /** @throws InvalidArgumentException unless 0 <= successes <= trials and there is a trial */
    public static function of(int $successes, int $trials): self
    {
        if ($trials < 1 || $successes < 0 || $successes > $trials) {
            throw new InvalidArgumentException("{$successes} successes of {$trials} trials make no count.");
        }

        return new self($successes, $trials);
    }

    public function share(): float
    {
        return $this->successes / $this->trials;
    }

    /**
     * The exact interval of Clopper & Pearson 1934.
     *
     * @param  float  $level such as 0.95
     *
     * @return array{float, float}
     */
    public function interval(float $level = 0.95): array
    {
        $tail = (1.0 - $level) / 2.0;

        return [
            $this->successes === 0
                ? 0.0
                : self::rateWhere(fn (float $p): bool => self::atLeast($this->successes, $this->trials, $p) < $tail),
            $this->upper($tail),
        ];
    }

    /** The rate that is exceeded with no more than a given chance: one side of the interval. */
    public function upper(float $tail): float
    {
        return $this->successes === $this->trials
            ? 1.0
            : self::rateWhere(fn (float $p): bool => 1.0 - self::atLeast($this->successes + 1, $this->trials, $p) > $tail);
    }

    /** Probability of at least so many successes. */
    private static function atLeast(int $successes, int $trials, float $p): float
    {
        $log = 0.0;
        $sum = 0.0;
        for ($k = 0; $k <= $trials; $k++) {
            if ($k > 0) {
                $log += log(($trials - $k + 1) / $k);
            }
            if ($k >= $successes) {
                $sum += exp($log + $k * log($p) + ($trials - $k) * log1p(-$p));
            }
        }

        return min(1.0, $sum);
    }

    /** @param  callable(float): bool  $below whether a rate is still below the one sought */
    private static function rateWhere(callable $below): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $below($middle) ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2.0;
    }
}
