<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Planning\Spent;

/** Plays another policy and notes, before each move, what was expected still to go; at the end that can be held against what it took. */
final class WatchedPolicy implements Policy, StatesBelief
{
    /** @var list<array{state: JobState, remaining: float, spent: int}> one for each move */
    public array $moments = [];

    public function __construct(private readonly Policy $policy)
    {
    }

    public function name(): string
    {
        return $this->policy->name();
    }

    public function looksWidely(): bool
    {
        return true;
    }

    public function next(View $view): Move
    {
        $advice = $view->advice();
        $this->moments[] = [
            'state' => $view->record->lastStart() === null ? JobState::FirstStart : $advice->state,
            'remaining' => $advice->remaining,
            'spent' => Spent::minutes($view->record, $view->catalogue),
        ];

        return $this->policy->next($view);
    }

    /** @return list<array{state: JobState, remaining: float, left: int}> what each moment had still to come */
    public function against(): array
    {
        $all = $this->moments === [] ? 0 : $this->moments[count($this->moments) - 1]['spent'];

        return array_map(
            fn (array $one): array => ['state' => $one['state'], 'remaining' => $one['remaining'], 'left' => max(0, $all - $one['spent'])],
            $this->moments,
        );
    }
}
