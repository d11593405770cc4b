<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;

/**
 * A trial of the machine as it stands that is worth its minutes by the comeback it may spare. Of a machine that runs here, and of which
 * nothing is likely enough to be repaired, the plan of repairs says nothing more: what is weighed then is to send it back as it is.
 */
final readonly class TrialBeforeLeaving
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  list<Weighed>  $weighed
     * @param  float  $comeback minutes that a machine costs that comes back
     *
     * @return ?Weighed the one worth most for each of its minutes; null where none is worth them
     */
    public function among(array $weighed, float $comeback): ?Weighed
    {
        $worth = fn (Weighed $one): float => ($this->fails($one) * $comeback) / $one->candidate->minutes();
        $isWorthIt = fn (Weighed $one): bool => $one->isOpen() && $one->candidate->triesItAsItIs() && $worth($one) > 1.0;
        $trials = array_filter($weighed, $isWorthIt);
        usort($trials, fn (Weighed $a, Weighed $b): int => $worth($b) <=> $worth($a));

        return $trials[0] ?? null;
    }

    /** Chance, 0 to 1, that the machine fails in it. */
    private function fails(Weighed $one): float
    {
        $failing = array_filter(
            $one->prospects,
            fn (Prospect $prospect): bool => $this->catalogue->isFailure($prospect->outcome['result']),
        );

        return array_sum(array_map(fn (Prospect $prospect): float => $prospect->probability, $failing));
    }
}
