<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** How much a question is expected to tell. */
final class Information
{
    /**
     * Expected fall in uncertainty, in bits: what the answer may be, less what stays open even when the truth is known.
     * Never negative and never more than the uncertainty of the answer itself.
     *
     * @param  iterable<array{float, array<array-key, float>}>  $states probability of a state, and answer => probability in it
     */
    public static function gain(iterable $states): float
    {
        $answers = [];
        $open = 0.0;
        foreach ($states as [$weight, $shares]) {
            foreach ($shares as $answer => $share) {
                $answers[$answer] = ($answers[$answer] ?? 0.0) + $weight * $share;
                if ($share > 0.0 && $share < 1.0) {
                    $open -= $weight * $share * log($share, 2);
                }
            }
        }

        return max(0.0, self::bits($answers) - $open);
    }

    /** @param  array<array-key, float>  $probabilities that sum to one */
    public static function bits(array $probabilities): float
    {
        $bits = 0.0;
        foreach ($probabilities as $p) {
            $bits -= $p > 0.0 ? $p * log($p, 2) : 0.0;
        }

        return $bits;
    }
}
