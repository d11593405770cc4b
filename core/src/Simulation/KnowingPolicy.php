<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

/**
 * Someone who knows what is wrong and whether it is cured: repairs that at once, as often as it takes, and then proves it as everyone has
 * to, by the rule of closing. Nobody works so; what others take beside it is the price of finding out.
 */
final class KnowingPolicy implements Policy, StatesBelief
{
    /** Times that a fault is repaired as is usual. */
    private const AS_USUAL = 2;

    private int $repairs = 0;

    public function __construct(private readonly HiddenMachine $hidden)
    {
    }

    public function name(): string
    {
        return 'knowing';
    }

    public function looksWidely(): bool
    {
        return false;
    }

    public function next(View $view): Move
    {
        return match (true) {
            $view->record->lastStart() === null => Move::startAgain(),
            ! $this->hidden->isSound() => $this->repair($view),
            $view->cleanStarts() >= ClosingRule::CLEAN_STARTS => Move::end('finished'),
            default => ClosingRule::move($view) ?? Move::startAgain(),
        };
    }

    /** What is wrong is repaired in turn: as is usual, and where that did not cure it by a new part, or a new one of what carries it. */
    private function repair(View $view): Move
    {
        $causes = $this->hidden->causes();
        [$fault, $part] = $causes[$this->repairs % count($causes)];
        $isFirst = intdiv($this->repairs, count($causes)) < self::AS_USUAL;
        $this->repairs++;

        return $isFirst
            ? Move::repair($this->hidden->usualRepair($fault), $part)
            : Move::repair('replace', $view->replay->model->machine->part($part)->kind->carrier ?? $part);
    }
}
