<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Bench\JobState;

/** Follows the adviser's first step, and repairs when it says decide. */
final readonly class PlannerPolicy implements Policy, StatesBelief
{
    public function name(): string
    {
        return 'planner';
    }

    public function looksWidely(): bool
    {
        return true;
    }

    public function next(View $view): Move
    {
        $advice = $view->advice();
        $open = $advice->open();

        return ClosingRule::move($view)
            ?? match (true) {
                $advice->left => Move::end('finished'),
                // Started as often as the rule of closing asks: what is left cannot be shown here.
                $advice->state === JobState::Prove => $view->cleanStarts() > 0 ? Move::end('finished') : Move::startAgain(),
                $advice->state === JobState::Repair && $advice->repair !== null => Move::repair(
                    $advice->repair->act->id,
                    $advice->repair->part->id,
                ),
                $open !== [] => Move::step($open[0]->candidate),
                default => Move::end('handed-on'),
            };
    }
}
