<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Evidence\Record;

/** Where the last start stopped: a probability over stages, from what was seen and what is believed. */
final readonly class StopEstimate
{
    /**
     * @param  non-empty-list<float>  $shares probability that the stage at each index is the one not reached; the last: none, all reached
     */
    private function __construct(public array $shares)
    {
    }

    /** Null where it was not started yet. */
    public static function of(Replay $replay, Record $record): ?self
    {
        $last = $record->lastStart();
        if ($last === null) {
            return null;
        }
        [$model, $catalogue] = [$replay->model, $replay->model->catalogue];

        return self::among(
            $replay->belief,
            $model->modes,
            $model->hazards($last->setUp, $replay->fitted),
            $model->cut($last->setUp),
            $catalogue->reach($last->reached),
            $catalogue->stageCount(),
        );
    }

    /** @param  array<int, float>  $hazards mode => share of starts it stops under the set-up */
    private static function among(Belief $belief, Modes $modes, array $hazards, int $cut, Reach $reach, int $stages): self
    {
        $shares = array_fill(0, $stages + 1, 0.0);
        foreach ($belief->states() as [$faults, $weight]) {
            foreach ($modes->byStop($faults) as $fault) {
                $hazard = $hazards[$fault] ?? 0.0;
                if ($modes->stops[$fault] < $cut) {
                    $shares[$modes->stops[$fault]] += $weight * $hazard;
                    $weight *= 1.0 - $hazard;
                }
            }
            $shares[$cut] += $weight;
        }
        $seen = array_map(fn (int $stop): float => $reach->covers($stop) ? max($shares[$stop], 1e-9) : 0.0, range(0, $stages));
        $total = array_sum($seen);

        return new self(array_map(fn (float $share): float => $share / $total, $seen));
    }

    /** Index of the stage most likely not reached; the number of stages if none. */
    public function likeliest(): int
    {
        return (int) array_search(max($this->shares), $this->shares, true);
    }

    /** Earliest stage index at which it may have stopped with at least one in twenty. */
    public function earliest(): int
    {
        foreach ($this->shares as $stop => $share) {
            if ($share >= 0.05) {
                return $stop;
            }
        }

        return $this->likeliest();
    }

    /** Probability that the stage at an index was at least tried: nothing before it stopped the start. */
    public function tried(int $stage): float
    {
        return array_sum(array_slice($this->shares, $stage));
    }
}
