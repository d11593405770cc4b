<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Planning\NextStep;

/**
 * A test that is done before it is decided, and what it would cost until the job ends: the test, and after each of its outcomes the
 * cheapest way to see it through.
 */
final readonly class TestFirst
{
    /**
     * @param  int  $outlay what the test costs, minor units
     * @param  int  $saves  what is expected to be saved over deciding now, minor units; below 0 it costs more than it tells
     * @param  list<array{float, float}>  $spread what is spent by the time the job ends, and how likely that is; cheapest first
     */
    public function __construct(public NextStep $step, public int $outlay, public int $saves, public array $spread)
    {
    }
}
