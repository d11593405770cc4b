<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

use InvalidArgumentException;
use Orthoscope\Core\Plain\Draw;

/** A mean with an interval by resampling: percentiles of the means of samples drawn from the sample (Efron 1979). */
final readonly class Bootstrap
{
    /** Samples that are drawn. */
    private const DRAWN = 2000;

    private function __construct(public float $mean, public float $low, public float $high)
    {
    }

    /**
     * @param  list<float>  $values
     * @param  float  $share of samples whose mean lies within, over 0 and under 1
     *
     * @throws InvalidArgumentException where there is nothing to draw from
     */
    public static function mean(array $values, float $share = 0.95): self
    {
        $n = count($values);
        if ($n === 0) {
            throw new InvalidArgumentException('There is nothing to take a mean of.');
        }
        // The same values give the same interval.
        $draw = Draw::from('bootstrap '.json_encode($values, JSON_THROW_ON_ERROR));
        $means = [];
        for ($i = 0; $i < self::DRAWN; $i++) {
            $sum = 0.0;
            for ($k = 0; $k < $n; $k++) {
                $sum += $draw->oneOf($values);
            }
            $means[] = $sum / $n;
        }
        sort($means);
        $out = (int) floor(self::DRAWN * (1.0 - $share) / 2);

        return new self(array_sum($values) / $n, $means[$out], $means[self::DRAWN - 1 - $out]);
    }
}
