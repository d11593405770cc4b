<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\School;

/** The open steps in the order of a school, and what it costs to follow it here instead of what is computed. */
final readonly class SchoolOrder
{
    /**
     * @param  list<NextStep>  $steps the school's first step first
     * @param  float  $costs expected bench minutes more, if the school's first step is taken and the best one would have been; 0 or more
     */
    private function __construct(public array $steps, public float $costs)
    {
    }

    /** @param  list<NextStep>  $open as they are ranked */
    public static function of(School $school, array $open): self
    {
        $steps = $open;
        usort($steps, fn (NextStep $a, NextStep $b): int => $school->place($a->candidate->step) <=> $school->place($b->candidate->step));
        $best = max([0.0, ...array_map(fn (NextStep $step): float => $step->saves, $open)]);

        return new self($steps, $steps === [] ? 0.0 : max(0.0, $best - $steps[0]->saves));
    }
}
