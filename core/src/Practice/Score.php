<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

/**
 * Brier's score (Brier 1950): the squared distance between what was believed and what was so. It is proper: on average nobody does
 * better than by saying what they believe. Points are a straight line of it (0 = as good as knowing nothing, 100 = knew it, below 0 =
 * worse than knowing nothing), which keeps that.
 */
final class Score
{
    /**
     * Of belief in each part being at fault: a sum over the parts, so that two may be at fault at once. A part nobody named has an even
     * share of what is left of one fault.
     *
     * @param  array<string, float>  $suspects part => belief
     * @param  list<string>  $guilty   parts at fault
     * @param  list<string>  $parts    all parts that may be
     *
     * @return float 0 (knew it) and up
     */
    public static function brierOfParts(array $suspects, array $guilty, array $parts): float
    {
        $unnamed = array_diff($parts, array_keys($suspects));
        $rest = $unnamed === [] ? 0.0 : max(0.0, 1.0 - array_sum($suspects)) / count($unnamed);
        $sum = 0.0;
        foreach ($parts as $part) {
            $sum += (($suspects[$part] ?? $rest) - (in_array($part, $guilty, true) ? 1.0 : 0.0)) ** 2;
        }

        return $sum;
    }

    /**
     * @param  array<string, float>  $suspects
     * @param  list<string>  $guilty
     * @param  list<string>  $parts
     *
     * @return float points, at most 100
     */
    public static function ofParts(array $suspects, array $guilty, array $parts): float
    {
        // The same for any truth, or the line would bend: what an even share over the parts comes to with one at fault.
        return self::points(self::brierOfParts($suspects, $guilty, $parts), 1.0 - 1.0 / max(2, count($parts)));
    }

    /**
     * Of one outcome that was expected so surely; what is left is even over the others.
     *
     * @param  list<string>  $outcomes all there are
     *
     * @return float points, at most 100
     */
    public static function ofOutcome(string $expected, float $sure, string $came, array $outcomes): float
    {
        $even = 1.0 / count($outcomes);

        return self::points(self::brier($expected, $sure, $came, $outcomes), self::brier($expected, $even, $came, $outcomes));
    }

    /** @param  list<string>  $outcomes */
    private static function brier(string $expected, float $sure, string $came, array $outcomes): float
    {
        $rest = (1.0 - $sure) / max(1, count($outcomes) - 1);
        $sum = 0.0;
        foreach ($outcomes as $outcome) {
            $sum += (($outcome === $expected ? $sure : $rest) - ($outcome === $came ? 1.0 : 0.0)) ** 2;
        }

        return $sum;
    }

    private static function points(float $brier, float $ofNothing): float
    {
        return $ofNothing <= 0.0 ? 0.0 : 100.0 * (1.0 - $brier / $ofNothing);
    }
}
