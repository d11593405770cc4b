<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

/** Fisher's exact test of a small table, 1935: how likely so many would come together by chance. */
final class Fisher
{
    /**
     * @param  int  $both    of these, with it
     * @param  int  $here    of these, without it
     * @param  int  $there   of the others, with it
     * @param  int  $neither of the others, without it
     *
     * @return float chance of at least so many of these with it, if it made no difference
     */
    public static function more(int $both, int $here, int $there, int $neither): float
    {
        $these = $both + $here;
        $with = $both + $there;
        $all = $these + $there + $neither;
        $p = 0.0;
        for ($k = $both; $k <= min($these, $with); $k++) {
            $p += exp(self::choose($with, $k) + self::choose($all - $with, $these - $k) - self::choose($all, $these));
        }

        return min(1.0, $p);
    }

    private static function choose(int $of, int $some): float
    {
        return $some < 0 || $some > $of
            ? -INF
            : Beta::logGamma($of + 1.0) - Beta::logGamma($some + 1.0) - Beta::logGamma($of - $some + 1.0);
    }
}
