<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

use InvalidArgumentException;
use Orthoscope\Core\Plain\Draw;

/** An estimate with an interval by resampling: percentiles of the estimates of samples drawn from the sample (Efron 1979). */
final readonly class Bootstrap
{
    /** Samples that are drawn. */
    private const DRAWN = 2000;

    private function __construct(public float $estimate, public float $low, public float $high)
    {
    }

    /**
     * The mean of some values.
     *
     * @param  list<float>  $values
     * @param  float  $share of samples whose mean lies within, over 0 and under 1
     *
     * @throws InvalidArgumentException where there is nothing to draw from
     */
    public static function mean(array $values, float $share = 0.95): self
    {
        return self::ratio(array_map(fn (float $value): array => [$value, 1.0], $values), $share);
    }

    /**
     * One sum over another, of pairs that are drawn together: a share of what clusters hold, or one mean over another of the same cases
     * (Davison and Hinkley, Bootstrap Methods and their Application, 1997; from memory).
     *
     * @param  list<array{float, float}>  $pairs what is summed above and what below the line
     * @param  float  $share of samples whose ratio lies within, over 0 and under 1
     *
     * @throws InvalidArgumentException where there is nothing to draw from, or nothing below the line
     */
    public static function ratio(array $pairs, float $share = 0.95): self
    {
        $below = array_sum(array_column($pairs, 1));
        if ($pairs === [] || $below === 0.0) {
            throw new InvalidArgumentException('There is nothing to estimate from.');
        }
        // The same values give the same interval.
        $draw = Draw::from('bootstrap '.json_encode($pairs, JSON_THROW_ON_ERROR));
        $ratios = [];
        for ($i = 0; $i < self::DRAWN; $i++) {
            $sums = self::sample($pairs, $draw);
            // A sample with nothing below the line says nothing.
            if ($sums[1] !== 0.0) {
                $ratios[] = $sums[0] / $sums[1];
            }
        }
        sort($ratios);
        $out = (int) floor(count($ratios) * (1.0 - $share) / 2);

        return new self(array_sum(array_column($pairs, 0)) / $below, $ratios[$out], $ratios[count($ratios) - 1 - $out]);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $pairs
     *
     * @return array{float, float} sums above and below of as many, drawn with putting back
     */
    private static function sample(array $pairs, Draw $draw): array
    {
        [$above, $below] = [0.0, 0.0];
        foreach ($pairs as $_) {
            $pair = $draw->oneOf($pairs);
            $above += $pair[0];
            $below += $pair[1];
        }

        return [$above, $below];
    }
}
