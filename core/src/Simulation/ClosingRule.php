<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Proving\WayToProve;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;

/**
 * When a machine counts as running again: the same rule for every policy that acts on belief. It is proved by what takes the fewest
 * minutes, plain starts or runs at work, under the condition it fails under. Where neither can, it is started plainly all the same, which
 * may show the fault, so long as the adviser would prove it too; else the policy goes on as it would.
 */
final class ClosingRule
{
    /** Clean starts after which it is handed back, or looked into again, though belief is not yet where it should be. Origin: judgement. */
    public const CLEAN_STARTS = 10;

    /** Belief that it is sound under which a fault is looked for on, instead of proving. Origin: judgement. */
    private const PROVE_FROM = 0.25;

    /** Belief that it is sound with which it is handed back after that many clean starts. Origin: judgement. */
    private const GOOD_ENOUGH = 0.85;

    public static function move(View $view): ?Move
    {
        $clean = $view->cleanStarts();
        $sound = $view->replay->sound();
        if (! $view->runs() || ($sound < self::PROVE_FROM && $clean < self::CLEAN_STARTS)) {
            return null;
        }
        if (self::owesARunAtWork($view)) {
            return Move::startAgain(new SetUp(goal: Goal::Load));
        }
        $asked = 1.0 - $view->catalogue->number('comeback_risk');
        if (($clean > 0 && $sound >= $asked) || ($clean >= self::CLEAN_STARTS && $sound >= self::GOOD_ENOUGH)) {
            return Move::end('finished');
        }

        return $clean >= self::CLEAN_STARTS ? null : self::proof($view, $asked);
    }

    /** A trial that leads to where it can go back, or a plain start where none does and the adviser would prove it too. */
    private static function proof(View $view, float $asked): ?Move
    {
        $under = FailsUnder::toProve($view->record, $view->catalogue)->condition;
        $way = WayToProve::to($asked, $view->replay, $view->catalogue, $under)
            ?? WayToProve::to(self::GOOD_ENOUGH, $view->replay, $view->catalogue, $under);
        $isToProve = $way !== null
            || $view->cleanStarts() === 0
            || $view->replay->sound() >= $view->catalogue->number('prove_from');

        return $isToProve ? Move::startAgain($way->setUp ?? new SetUp) : null;
    }

    /** What did not stay up goes back after a run at work since it was last worked on, as the plan of what is proved asks. */
    private static function owesARunAtWork(View $view): bool
    {
        if (! Circumstances::dropsOut($view->record, $view->catalogue)) {
            return false;
        }
        foreach (array_reverse($view->record->inForce) as $entry) {
            if ($entry instanceof ActDone) {
                return true;
            }
            if ($entry instanceof Start && $entry->setUp->isAtLeast(new SetUp(goal: Goal::Load))) {
                return $view->catalogue->isFailure($entry->reached);
            }
        }

        return true;
    }
}
