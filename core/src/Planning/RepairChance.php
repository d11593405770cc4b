<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** A repair, and how likely it is that it is needed. */
final readonly class RepairChance
{
    /**
     * @param  float  $probability that it is needed, 0 to 1
     * @param  float  $stated the same as it is said: as surely as its part is
     */
    public function __construct(public Repair $repair, public float $probability, public float $stated)
    {
    }
}
