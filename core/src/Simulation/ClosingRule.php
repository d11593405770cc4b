<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

/**
 * When a machine counts as running again: the same rule for every policy that acts on belief. It is proved by plain starts:
 * for each minute they show more than cold ones or long runs do, as the catalogue has it.
 */
final class ClosingRule
{
    /** Clean starts after which it is handed back, or looked into again, though belief is not yet where it should be. Origin: judgement. */
    private const CLEAN_STARTS = 10;

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
        if (
            ($clean > 0 && $sound >= 1.0 - $view->catalogue->number('comeback_risk'))
            || ($clean >= self::CLEAN_STARTS && $sound >= self::GOOD_ENOUGH)
        ) {
            return Move::end('finished');
        }

        return $clean >= self::CLEAN_STARTS ? null : Move::startAgain();
    }
}
