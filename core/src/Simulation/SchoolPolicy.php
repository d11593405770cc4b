<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\School;
use Orthoscope\Core\Planning\Candidate;

/**
 * Follows the fixed order of a school. It reads the record as the adviser does (it confirms a swap, replaces what is
 * condemned, sees when a machine is sound), but for the wide look at what surprises, and once its order is through it repairs by
 * likelihood: only the order differs.
 */
final readonly class SchoolPolicy implements Policy, StatesBelief
{
    /** Belief in one part from which it is repaired without waiting for the rest of the order. Origin: judgement. */
    private const SURE = 0.9;

    public function __construct(private School $school)
    {
    }

    public function name(): string
    {
        return $this->school->id;
    }

    public function looksWidely(): bool
    {
        return false;
    }

    public function next(View $view): Move
    {
        $closing = ClosingRule::move($view);
        if ($closing !== null) {
            return $closing;
        }
        $putBack = $view->toPutBack();
        if ($putBack !== null) {
            return Move::step($putBack);
        }
        $repair = $view->likeliestRepair();
        if ($repair !== null && ($repair[1] >= self::SURE || $view->condemned() === $repair[0]->part->id)) {
            return Move::repair($repair[0]->act->id, $repair[0]->part->id);
        }
        $started = $view->record->lastStart() !== null;
        $mayCome = fn (Candidate $candidate): bool => ! $started || $candidate->step->id !== 'start';
        $open = array_values(array_filter($view->open(), $mayCome));
        usort($open, fn (Candidate $a, Candidate $b): int => $this->school->place($a->step) <=> $this->school->place($b->step));
        if ($open !== []) {
            return Move::step($open[0]);
        }

        return $repair === null ? Move::end('handed-on') : Move::repair($repair[0]->act->id, $repair[0]->part->id);
    }
}
