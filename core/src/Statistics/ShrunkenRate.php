<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

/** A rate of few cases, drawn towards the rate of the family it belongs to: beta-binomial. */
final readonly class ShrunkenRate
{
    private function __construct(public Binomial $seen, public Beta $belief)
    {
    }

    /**
     * @param  float  $family rate of the family, 0 to 1
     * @param  float  $weight as many cases as the family's rate counts for
     */
    public static function towards(float $family, float $weight, int $with, int $of): self
    {
        return new self(Binomial::of($with, $of), Beta::of($family * $weight + $with, (1.0 - $family) * $weight + $of - $with));
    }
}
