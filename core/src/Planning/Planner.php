<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;

/**
 * Ranks what can be done next. Underneath lies the cheapest order of repairs; on top a look one step ahead: what a step
 * costs, plus what remains after each thing it may show. A step is worth what it takes off the total.
 */
final class Planner
{
    private const EXPLAINED_STEPS = 8;

    /** Belief that it is sound from which proving comes before looking on. Origin: judgement. */
    private const PROVE_FROM = 0.75;

    /** Belief that something a start changes is at fault, under which it is a plain start in disguise. Origin: judgement. */
    private const DISGUISED_BELOW = 0.03;

    /** Chance of one outcome from which a step tells nothing. */
    private const FOREGONE_FROM = 0.99;

    /** Chance that a repair is needed from which no test before it is worth a word. Origin: judgement. */
    private const REPAIR_FROM = 0.9;

    /** States on which every step is weighed first. Origin: judgement. */
    private const SCREENED_STATES = 60;

    /** Steps that are then weighed on all the planner looks at. Origin: judgement. */
    private const LOOKED_AT_CLOSELY = 16;

    /** Share of belief under which a step that touches a part is no test of it. Origin: judgement. */
    private const SUSPECT_FROM = 0.005;

    private readonly Belief $belief;

    private readonly RepairNeeds $needs;

    private readonly LookAhead $lookAhead;

    /** @var list<array{Candidate, list<ActiveLock>}> */
    private readonly array $candidates;

    /** @var array<string, array{int, Candidate}> */
    private readonly array $tests;

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly Replay $replay,
        private readonly Record $record,
        private readonly Grounds $grounds,
        private readonly Interlocks $locks,
        private readonly Shelf $shelf,
    ) {
        $this->belief = $replay->belief->mostOf($catalogue->number('plan_mass'), (int) $catalogue->number('plan_states'));
        $this->candidates = $this->candidates();
        $this->tests = $this->openTests();
        $this->needs = new RepairNeeds($catalogue, $replay, $record, array_map(fn (array $test): int => $test[0], $this->tests));
        $this->lookAhead = new LookAhead($catalogue, $replay, $this->needs);
    }

    public static function advise(
        Catalogue $catalogue,
        Replay $replay,
        Record $record,
        Grounds $grounds,
        Interlocks $locks,
        Shelf $shelf,
    ): Advice {
        return (new self($catalogue, $replay, $record, $grounds, $locks, $shelf))->advice();
    }

    private function advice(): Advice
    {
        $now = $this->needs->under($this->belief);
        [$order, $remaining, $outright] = $this->needs->order($now);
        $weighed = $this->ranked($this->candidates, $this->belief->mostOf(1.0, self::SCREENED_STATES));
        $likely = array_splice($weighed, 0, self::LOOKED_AT_CLOSELY);
        $weighed = [
            ...$this->ranked(array_map(fn (Weighed $one): array => [$one->candidate, $one->lockedBy], $likely), $this->belief),
            ...$weighed,
        ];
        $foregone = array_values(array_filter($weighed, $this->isForegone(...)));
        $weighed = array_values(array_filter($weighed, fn (Weighed $one): bool => ! in_array($one, $foregone, true)));
        $weighed = $this->testOfThePlanFirst($weighed, $order, $outright);
        $steps = [];
        foreach ($weighed as $i => $one) {
            $steps[] = $this->step($one, $i < self::EXPLAINED_STEPS || $one->candidate->step->each === 'swapped');
        }

        return $this->decide(
            $steps,
            $remaining,
            $order,
            $outright,
            $now,
            array_map(fn (Weighed $one): NextStep => $this->step($one, false), $foregone),
        );
    }

    private function step(Weighed $one, bool $explained): NextStep
    {
        return new NextStep(
            $one->candidate,
            $one->candidate->minutes(),
            $this->why($one->candidate),
            $one->saves,
            $one->after,
            $one->risk,
            $one->bits,
            $explained ? $this->lookAhead->explained($one->candidate, $one->prospects) : [],
            $one->lockedBy,
        );
    }

    private function why(Candidate $candidate): string
    {
        return $this->record->lastStart() === null ? $candidate->step->why : $candidate->step->whyAgain ?? $candidate->step->why;
    }

    /**
     * A step of which the record says already what it will show, or that changes only what nobody suspects: it costs its minutes and
     * decides nothing. What unlocks, what confirms and the first start are never that.
     */
    private function isForegone(Weighed $one): bool
    {
        $candidate = $one->candidate;
        if (! $one->isOpen() || $this->comesFirst($candidate)) {
            return false;
        }
        if ($candidate->step->record === 'act' || $this->isHostTest($candidate)) {
            return $this->touchesNoSuspect($candidate);
        }
        $likeliest = max([0.0, ...array_map(fn (Prospect $prospect): float => $prospect->probability, $one->prospects)]);

        return $likeliest >= self::FOREGONE_FROM || $this->isPlainStartInDisguise($candidate);
    }

    /**
     * Where no step is worth its minutes, the plan itself goes on: its first repair, or the test that comes before it.
     *
     * @param  list<Weighed>  $weighed
     * @param  list<int>  $order
     * @param  array<int, bool>  $outright
     *
     * @return list<Weighed>
     */
    private function testOfThePlanFirst(array $weighed, array $order, array $outright): array
    {
        $first = $order[0] ?? null;
        if (
            $first === null
            || $outright[$first]
            || $weighed === []
            || $weighed[0]->saves > 0.0
            || $this->comesFirst($weighed[0]->candidate)
        ) {
            return $weighed;
        }
        $test = $this->tests[$this->needs->repairs[$first]->part->id][1] ?? null;
        foreach ($weighed as $i => $one) {
            if ($one->candidate === $test) {
                unset($weighed[$i]);

                return [$one, ...array_values($weighed)];
            }
        }

        return $weighed;
    }

    /** A start that changes only what nobody suspects is a plain start with more work. */
    private function isPlainStartInDisguise(Candidate $candidate): bool
    {
        if ($candidate->step->record !== 'start' || $candidate->setUp === null || $candidate->step->setUp->changesNoPart()) {
            return false;
        }
        $model = $this->replay->model;
        $as = $model->hazards(new SetUp(goal: $candidate->setUp->goal, temperature: $candidate->setUp->temperature), $this->replay->fitted);
        $then = $model->hazards($candidate->setUp, $this->replay->fitted);
        $changed = array_map(fn (): bool => true, $this->replay->movingCures($candidate->setUp));
        foreach ($as + $then as $mode => $hazard) {
            if (abs(($as[$mode] ?? 0.0) - ($then[$mode] ?? 0.0)) > 0.01) {
                $changed[$mode] = true;
            }
        }

        return $this->belief->hasAny($changed) < self::DISGUISED_BELOW;
    }

    /**
     * Steps weighed on a belief, best first. All are first weighed on the few likeliest states, and those that come out best
     * on many more.
     *
     * @param  list<array{Candidate, list<ActiveLock>}>  $candidates
     *
     * @return list<Weighed>
     */
    private function ranked(array $candidates, Belief $belief): array
    {
        $now = $this->needs->under($belief);
        $remaining = $this->needs->order($now)[1];
        $weighed = [];
        foreach ($candidates as [$candidate, $lockedBy]) {
            [$after, $prospects, $bits] = $this->lookAhead->at($candidate, $belief, $now[0] ?? 0.0);
            if ($this->touchesNoSuspect($candidate)) {
                // It tells no more than a plain start does.
                $after = max($after, $remaining);
            }
            $risk = $this->moneyAtRisk($candidate);
            $cost = $candidate->minutes() + $risk / $this->catalogue->number('money_per_minute');
            $weighed[] = new Weighed($candidate, $lockedBy, $after, $prospects, $risk, $remaining - $cost - $after, $bits);
        }
        usort($weighed, fn (Weighed $a, Weighed $b): int => $this->rank($a) <=> $this->rank($b));

        return $weighed;
    }

    /** @return list<array{Candidate, list<ActiveLock>}> every step that makes sense now, and what locks it */
    private function candidates(): array
    {
        $candidates = (new Candidates(
            $this->catalogue,
            $this->replay->model->machine,
            $this->record,
            $this->shelf,
            $this->grounds,
            $this->locks,
        ))->all();

        return array_map(fn (Candidate $candidate): array => [$candidate, $this->locks->inTheWayOf($candidate)], $candidates);
    }

    /**
     * @return array<string, array{int, Candidate}> part => minutes of the cheapest open step that tells of it by itself (in a good machine,
     *     measured, or swapped), and the step
     */
    private function openTests(): array
    {
        $tests = [];
        foreach ($this->candidates as [$candidate, $lockedBy]) {
            $step = $candidate->step;
            if ($candidate->target === null || $candidate->lacksSpare || $lockedBy !== []) {
                continue;
            }
            $minutes = match (true) {
                $step->check !== null && $this->catalogue->check($step->check)->direct, $step->each === 'swapped' => $candidate->minutes(),
                $candidate->spare !== null => $candidate->minutes() + $this->catalogue->steps['put-back']->minutes,
                default => null,
            };
            if ($minutes !== null && $minutes < ($tests[$candidate->target->id][0] ?? PHP_INT_MAX)) {
                $tests[$candidate->target->id] = [$minutes, $candidate];
            }
        }

        return $tests;
    }

    /**
     * @return array{int, int, float, float, float} locked last, what unlocks and what confirms first, then by what is saved for each
     *                                              minute, by what is saved (in steps of two minutes, for less is noise), by what is told;
     *                                              of steps that save nothing, by what they tell for each minute
     */
    private function rank(Weighed $one): array
    {
        return [
            $one->isOpen() ? 0 : 1,
            $this->comesFirst($one->candidate) ? 0 : 1,
            -$one->savesPerMinute(),
            $one->savesTime() ? -round($one->saves / 2) : -$one->bits / $one->candidate->minutes(),
            -$one->bits,
        ];
    }

    /** What unlocks, what confirms, and the first start come before all weighing. */
    private function comesFirst(Candidate $candidate): bool
    {
        return $this->unlocks($candidate)
            || $candidate->step->each === 'swapped'
            || ($candidate->step->id === 'back-in-case' && $this->grounds->failsUnder->condition === FailsUnder::CASE)
            || ($this->record->lastStart() === null && $candidate->step->id === 'start');
    }

    /** Whether a step swaps, or acts on, only what is not suspected. */
    private function touchesNoSuspect(Candidate $candidate): bool
    {
        if ($candidate->step->record === 'act') {
            $modes = $this->replay->model->cures((string) $candidate->step->act, array_fill_keys($candidate->on, true));
        } elseif ($candidate->target !== null && ($candidate->spare !== null || $this->isHostTest($candidate))) {
            $modes = $this->modesOf($candidate->target);
        } else {
            return false;
        }

        return $this->belief->hasAny($modes) < self::SUSPECT_FROM;
    }

    private function isHostTest(Candidate $candidate): bool
    {
        return $candidate->step->check !== null && $this->catalogue->check($candidate->step->check)->host;
    }

    /** @return array<int, true> modes of a part, and of what only it uses */
    private function modesOf(Part $part): array
    {
        $modes = [];
        foreach ($this->replay->model->modes->all as $i => $mode) {
            $kind = $this->replay->model->machine->part($mode->part)->kind;
            if ($mode->spare === null && ($mode->part === $part->id || ($kind->ownOnly && $kind->serves === $part->kind->id))) {
                $modes[$i] = true;
            }
        }

        return $modes;
    }

    private function unlocks(Candidate $candidate): bool
    {
        return match ($candidate->step->record) {
            'check' => $this->locks->waitForCheck((string) $candidate->step->check),
            'deed' => true,
            // Where its own supply gets no mains, a good one lent is what lets work go on.
            'start' => $candidate->spare?->kind === 'supply'
                && $this->locks->onOwnSupply() !== []
                && ($this->record->lastStart()->setUp ?? new SetUp)->hasOwn('supply'),
            default => false,
        };
    }

    /**
     * @param  list<NextStep>  $steps
     * @param  list<int>  $order
     * @param  array<int, bool>  $outright repair => done without a test before it
     * @param  array<int, float>  $now      set number => probability
     * @param  list<NextStep>  $foregone
     */
    private function decide(array $steps, float $remaining, array $order, array $outright, array $now, array $foregone): Advice
    {
        $open = array_values(array_filter($steps, fn (NextStep $step): bool => $step->isOpen()));
        $best = $open[0] ?? null;
        $chances = $this->needs->probabilities($now);
        $likeliest = array_key_first($chances);
        $settled = $likeliest !== null && $chances[$likeliest] >= self::REPAIR_FROM;
        $first = $settled ? $likeliest : $order[0] ?? null;
        $repair = $first === null ? null : $this->needs->repairs[$first];
        $probability = $chances[$first] ?? 0.0;
        $percent = (int) round(100 * $probability);
        $last = $this->record->lastStart();
        $barred = $this->locks->powerIsLocked() || $this->locks->onOwnSupply() !== [];
        [$state, $why] = match (true) {
            $best === null && $steps !== [] && $barred => [JobState::Locked, 'Every step is locked; see what unlocks it.'],
            $last === null && $best?->candidate->step->id === 'start' => [
                JobState::Find,
                'Start it once, as it came, before anything is touched.',
            ],
            $best?->candidate->step->each === 'swapped' => [
                JobState::Confirm,
                'It got further with '
                .($best->candidate->target?->inSentence() ?? 'a part')
                .' changed. Put the old part back before it is condemned.',
            ],
            $best !== null && $this->unlocks($best->candidate) => [
                JobState::Find,
                "{$best->candidate->name()} comes first: it unlocks the rest.",
            ],
            $this->grounds->failsUnder->condition === FailsUnder::CASE && $best !== null => [
                JobState::Find,
                "{$best->candidate->name()}: out of its case it runs, in its case it failed.",
            ],
            ! $barred && ($this->runs() || $this->repairedSince()) && $this->replay->sound() >= self::PROVE_FROM => [
                JobState::Prove,
                sprintf('It is put right with %d %%. Prove it, out of the case and in.', (int) floor(100 * $this->replay->sound())),
            ],
            $best === null && $repair === null => [
                JobState::Repair,
                'Nothing in the handbook is left to try: decide, or hand to a specialist.',
            ],
            $best !== null && $best->saves > 0.0 => [
                JobState::Find,
                sprintf('%s is worth about %d minutes.', $best->candidate->name(), max(1, (int) round($best->saves))),
            ],
            $repair !== null && $repair->endsIt() => [
                JobState::Repair,
                "No test is worth its minutes now, and what we know does not explain it ({$percent} %): hand to a specialist.",
            ],
            $repair !== null && ($best === null || $settled || $outright[$first]) => [
                JobState::Repair,
                "No test is worth its minutes now: {$repair->name()} ({$percent} %), or hand to a specialist.",
            ],
            default => [JobState::Find, "{$best->candidate->name()} comes before anything is replaced."],
        };

        $repairs = [];
        foreach ($chances as $number => $p) {
            $repairs[] = [$this->needs->repairs[$number], $p];
        }

        return new Advice($steps, $state, $why, $remaining, $repair, $probability, $repairs, $foregone);
    }

    /** Something was done to the machine after its last start. */
    private function repairedSince(): bool
    {
        $deeds = $this->record->all(ActDone::class);

        return $deeds !== [] && end($deeds)->number > ($this->record->lastStart()->number ?? 0);
    }

    private function runs(): bool
    {
        $last = $this->record->lastStart();

        return $last !== null && $this->catalogue->reach($last->reached)->firstStop > $this->catalogue->stageIndex('picture');
    }

    /** Minor units of money that a step may cost by harming what is lent. */
    private function moneyAtRisk(Candidate $candidate): int
    {
        if ($candidate->spare === null || $candidate->target?->kind->exposed === false) {
            return 0;
        }
        $harmful = 0.0;
        foreach ($this->belief->marginals() as $fault => $p) {
            $harmful += $p * $this->replay->model->modes->all[$fault]->fault->harms;
        }

        return (int) round(min(1.0, $harmful) * $candidate->spare->value);
    }
}
