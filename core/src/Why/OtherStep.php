<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Learning\ShiftedCatalogue;
use Orthoscope\Core\Planning\NextStep;

/** "I think otherwise": what another step than the first costs by the numbers, and what would have to be true for it to be right. */
final readonly class OtherStep
{
    /** Times commoner that a fault is tried at. */
    private const TIMES = [2.0, 3.0, 5.0, 10.0, 30.0];

    /** Faults of which it is tried. */
    private const FAULTS = 2;

    /**
     * @param  float  $minutes bench minutes that the other is expected to cost more than the first; below 0 where it costs fewer
     * @param  int  $atRisk minor units that it puts at risk beyond the first
     * @param  float  $bits what it tells beyond the first, in bits
     * @param  list<array{FaultBelief, ?float}>  $needed a fault, and how many times commoner here than believed it would have to be for
     *     the other step to come first; null where not even the most that was tried brings it there
     */
    private function __construct(
        public NextStep $first,
        public NextStep $other,
        public float $minutes,
        public int $atRisk,
        public float $bits,
        public array $needed,
    ) {
    }

    /**
     * @param  callable(Catalogue): Assessment  $under the same record under another catalogue
     *
     * @return ?self null where there is no such step, or it comes first already
     */
    public static function of(Assessment $now, string $id, callable $under, Catalogue $catalogue): ?self
    {
        $first = self::firstOf($now);
        $other = $now->advice->step($id);
        if ($first === null || $other === null || $first->candidate->id() === $id) {
            return null;
        }

        return new self(
            $first,
            $other,
            $first->saves - $other->saves,
            $other->moneyAtRisk - $first->moneyAtRisk,
            $other->bits - $first->bits,
            $other->isOpen() ? self::needed($now, $other, $under, $catalogue) : [],
        );
    }

    private static function firstOf(Assessment $assessment): ?NextStep
    {
        foreach ($assessment->advice->steps as $step) {
            if ($step->isOpen()) {
                return $step;
            }
        }

        return null;
    }

    /**
     * @param  callable(Catalogue): Assessment  $under
     *
     * @return list<array{FaultBelief, ?float}>
     */
    private static function needed(Assessment $now, NextStep $other, callable $under, Catalogue $catalogue): array
    {
        $needed = [];
        foreach (self::faultsIn($now, $other) as $fault) {
            $comesFirst = function (float $times) use ($other, $under, $catalogue, $fault): bool {
                $then = $under(ShiftedCatalogue::of($catalogue, [$fault->fault->id => $times]));

                return self::firstOf($then)?->candidate->id() === $other->candidate->id();
            };
            $needed[] = [$fault, self::least($comesFirst)];
        }

        return $needed;
    }

    /** @param  callable(float): bool  $comesFirst */
    private static function least(callable $comesFirst): ?float
    {
        if (! $comesFirst(max(self::TIMES))) {
            return null;
        }
        [$from, $to] = [0, count(self::TIMES) - 1];
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $comesFirst(self::TIMES[$middle]) ? $to = $middle : $from = $middle + 1;
        }

        return self::TIMES[$to];
    }

    /** @return list<FaultBelief> the likeliest fault of each of the parts that the step is about, or moves most */
    private static function faultsIn(Assessment $now, NextStep $step): array
    {
        $moves = [];
        foreach ($step->outcomes as $outcome) {
            foreach ($outcome->parts as $part => $p) {
                $was = $now->standings[$part]->probability ?? 0.0;
                $moves[$part] = ($moves[$part] ?? 0.0) + $outcome->probability * abs($p - $was);
            }
        }
        $target = $step->candidate->target?->id;
        if ($target !== null) {
            $moves[$target] = INF;
        }
        arsort($moves);
        $faults = [];
        foreach (array_keys($moves) as $part) {
            $faults[] = $now->faultsOf((string) $part)[0] ?? null;
        }

        return array_slice(array_values(array_filter($faults)), 0, self::FAULTS);
    }
}
