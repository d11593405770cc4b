<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

/** How one entry speaks of one part: the odds with it over the odds had it never been written down. */
final readonly class Weight
{
    /** Beyond this no number is said: so rare things are not known so well. Origin: judgement. */
    private const MOST = 1000.0;

    /** @param  float  $ratio above 1 it speaks for the part being at fault, below 1 against; 1 says nothing */
    public function __construct(public int $entry, public float $ratio)
    {
    }

    public function speaksFor(): bool
    {
        return $this->ratio > 1.0;
    }

    public function words(): string
    {
        return self::times($this->ratio);
    }

    /** A ratio in words: "6 times likelier", "3 times less likely". */
    public static function times(float $ratio): string
    {
        $times = $ratio >= 1.0 ? $ratio : 1.0 / max($ratio, 1e-12);
        $how = match (true) {
            $times > self::MOST => 'more than 1,000 times',
            $times >= 10.0 => number_format(round($times)).' times',
            default => rtrim(rtrim(number_format($times, 1), '0'), '.').' times',
        };

        return $how.($ratio >= 1.0 ? ' likelier' : ' less likely');
    }
}
