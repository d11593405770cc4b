<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

/** The beta distribution: what is believed of a rate after so many cases for it and against it. */
final readonly class Beta
{
    /**
     * @param  float  $for     above 0; cases for it, with what was believed before
     * @param  float  $against above 0
     */
    private function __construct(public float $for, public float $against)
    {
    }

    public static function of(float $for, float $against): self
    {
        return new self(max(1e-6, $for), max(1e-6, $against));
    }

    public function mean(): float
    {
        return $this->for / ($this->for + $this->against);
    }

    /** Chance that none of so many further cases is one for it: the mean of (1 - p)^n over what is believed of the rate p. */
    public function noneIn(int $times): float
    {
        $none = 1.0;
        for ($i = 0; $i < $times; $i++) {
            $none *= ($this->against + $i) / ($this->for + $this->against + $i);
        }

        return $none;
    }

    /** Chance that the rate is at most this. */
    public function below(float $rate): float
    {
        if ($rate <= 0.0 || $rate >= 1.0) {
            return $rate <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(
            self::logGamma($this->for + $this->against)
                - self::logGamma($this->for)
                - self::logGamma($this->against)
                + $this->for * log($rate)
                + $this->against * log1p(-$rate),
        );

        return $rate < ($this->for + 1.0) / ($this->for + $this->against + 2.0)
            ? ($front * self::fraction($rate, $this->for, $this->against)) / $this->for
            : 1.0 - ($front * self::fraction(1.0 - $rate, $this->against, $this->for)) / $this->against;
    }

    /** The rate that is not exceeded with this chance, 0 to 1. */
    public function quantile(float $chance): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $this->below($middle) < $chance ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2.0;
    }

    /** @return array{float, float} */
    public function interval(float $level = 0.95): array
    {
        return [$this->quantile((1.0 - $level) / 2.0), $this->quantile(1.0 - (1.0 - $level) / 2.0)];
    }

    /** The continued fraction of the incomplete beta function, by Lentz's method (Abramowitz & Stegun 26.5.8). */
    private static function fraction(float $x, float $a, float $b): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1.0 - (($a + $b) * $x) / ($a + 1.0);
        $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
        $value = $d;
        for ($m = 1; $m <= 400; $m++) {
            foreach (
                [
                    ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m)),
                    (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1)),
                ] as $term
            ) {
                $d = 1.0 + $term * $d;
                $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
                $c = 1.0 + $term / $c;
                $c = abs($c) < $tiny ? $tiny : $c;
                $value *= $c * $d;
            }
            if (abs($c * $d - 1.0) < 1e-15) {
                break;
            }
        }

        return $value;
    }

    /** Lanczos' approximation, to 15 digits. */
    public static function logGamma(float $x): float
    {
        $sum = 0.99999999999980993;
        foreach (
            [
                676.5203681218851,
                -1259.1392167224028,
                771.32342877765313,
                -176.61502916214059,
                12.507343278686905,
                -0.13857109526572012,
                9.9843695780195716e-6,
                1.5056327351493116e-7,
            ] as $i => $coefficient
        ) {
            $sum += $coefficient / ($x + $i);
        }

        return ($x - 0.5) * log($x + 6.5) - ($x + 6.5) + 0.5 * log(2.0 * M_PI) + log($sum);
    }
}
