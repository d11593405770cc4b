<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** A chance in hundredths, as it is read. What is not certain is never rounded to nothing or to all. */
final class Percent
{
    /** @param  float  $chance 0 to 1 */
    public static function words(float $chance): string
    {
        return match (true) {
            $chance < 0.005 => 'under 1 %',
            $chance > 0.99 => 'over 99 %',
            default => round(100 * $chance).' %',
        };
    }

    /**
     * The same without its sign, beside a drawing: "<1", "41", ">99".
     *
     * @param  float  $chance 0 to 1
     */
    public static function short(float $chance): string
    {
        return match (true) {
            $chance < 0.005 => '<1',
            $chance > 0.99 => '>99',
            default => (string) round(100 * $chance),
        };
    }

    /**
     * The same for a narrow place: 1 to 99.
     *
     * @param  float  $chance 0 to 1
     */
    public static function whole(float $chance): int
    {
        return max(1, min(99, (int) round(100 * $chance)));
    }
}
