<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

/** Odds of a probability, held away from never and from certain, where nothing could be divided any more. */
final class Odds
{
    /** Origin: judgement; far under what is ever shown. */
    private const LEAST = 1e-6;

    public static function of(float $p): float
    {
        $p = min(1.0 - self::LEAST, max(self::LEAST, $p));

        return $p / (1.0 - $p);
    }

    /** Natural logarithm of the odds. */
    public static function log(float $p): float
    {
        return log(self::of($p));
    }
}
