<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Chain\SetUp;

/** One way to put memory sticks into slots, and what it is expected to tell. */
final readonly class Arrangement
{
    /**
     * @param  float  $bits   of which stick, slot, channel or pair it is
     * @param  float  $passes probability that a start gets past the memory with it
     */
    public function __construct(public SetUp $setUp, public float $bits, public float $passes)
    {
    }
}
