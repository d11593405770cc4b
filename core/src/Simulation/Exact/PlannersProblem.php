<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Exact;

use Closure;
use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Planning\LookAhead;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Prospect;
use Orthoscope\Core\Planning\RepairNeeds;
use Orthoscope\Core\Shelf\Shelf;

/**
 * What the planner faces after a record, cut down to its likeliest states and first tests, so that it can be solved exactly. What a test
 * moves is left as it is.
 */
final class PlannersProblem
{
    private const STATES = 40;

    private const TESTS = 5;

    /** Outcomes of a test that are told apart; the rest count as one. */
    private const OUTCOMES = 4;

    /** @return ?TestOrder null where no test is open */
    public static function after(Record $record, Machine $machine, Shelf $shelf, Catalogue $catalogue): ?TestOrder
    {
        $adviser = new Adviser($catalogue, $machine, $shelf);
        $open = array_filter(
            $adviser->assess($record)->advice->steps,
            fn (NextStep $step): bool => $step->isOpen() && ! in_array($step->candidate->step->record, ['act', 'unlock'], true),
        );
        if ($open === []) {
            return null;
        }
        $replay = $adviser->replay($record, widely: true);
        $needs = new RepairNeeds($catalogue, $replay, $record, []);
        $ahead = new LookAhead($catalogue, $replay, $needs);
        $belief = $replay->belief->mostOf(1.0, self::STATES);
        $total = array_sum(array_column($belief->states(), 1));

        return new TestOrder(
            array_map(fn (array $state): float => $state[1] / $total, $belief->states()),
            array_map(
                fn (NextStep $step): array => [
                    'minutes' => (float) $step->minutes,
                    'shares' => self::shares($ahead->at($step->candidate, $belief, 0.0)[1], $belief),
                ],
                array_slice(array_values($open), 0, self::TESTS),
            ),
            self::plan($needs, $belief),
        );
    }

    /**
     * @param  list<Prospect>  $prospects
     *
     * @return list<array<int, float>> for each state: outcome => share
     */
    private static function shares(array $prospects, Belief $belief): array
    {
        usort($prospects, fn (Prospect $a, Prospect $b): int => $b->probability <=> $a->probability);
        $shares = [];
        foreach ($belief->states() as $state => [, $weight]) {
            $of = [];
            foreach ($prospects as $i => $prospect) {
                $outcome = min($i, self::OUTCOMES - 1);
                $of[$outcome] = ($of[$outcome] ?? 0.0) + ($prospect->weights[$state] ?? 0.0) / $weight;
            }
            $shares[] = $of;
        }

        return $shares;
    }

    /** @return Closure(list<float>): float expected minutes of the repairs, for states as weighed */
    private static function plan(RepairNeeds $needs, Belief $belief): Closure
    {
        $needed = array_map(fn (array $state): int => $needs->of($state[0]), $belief->states());

        return function (array $weights) use ($needed, $needs): float {
            $byNeed = [];
            foreach ($weights as $state => $weight) {
                $byNeed[$needed[$state]] = ($byNeed[$needed[$state]] ?? 0.0) + $weight;
            }

            return $needs->order($byNeed)[1];
        };
    }
}
