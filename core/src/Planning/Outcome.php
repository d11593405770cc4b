<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** What a step may show, how likely that is, and what it would then mean. */
final readonly class Outcome
{
    /**
     * @param  string  $result  a reach (for a start) or a result (for a check)
     * @param  array<string, string>  $signs   signs that come with it
     * @param  float  $probability from 0 to 1
     * @param  string  $meaning one short clause
     * @param  array<string, float>  $parts   part => probability, with this outcome, that it is or was at fault; of those the planner
     *     looks at
     */
    public function __construct(
        public string $result,
        public array $signs,
        public string $words,
        public float $probability,
        public string $meaning,
        public array $parts,
    ) {
    }
}
