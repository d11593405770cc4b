<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Goal;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Chain\SetUp;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Deed;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Spares\Shelf;

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

    public static function advise(Catalogue $catalogue, Replay $replay, Record $record, Grounds $grounds, Interlocks $locks, Shelf $shelf): Advice
    {
        return (new self($catalogue, $replay, $record, $grounds, $locks, $shelf))->advice();
    }

    private function advice(): Advice
    {
        $now = $this->needs->under($this->belief);
        [$order, $remaining, $outright] = $this->needs->order($now);
        $weighed = $this->ranked($this->candidates, $this->belief->mostOf(1.0, self::SCREENED_STATES));
        $likely = array_splice($weighed, 0, self::LOOKED_AT_CLOSELY);
        $weighed = [...$this->ranked(array_map(fn (Weighed $one): array => [$one->candidate, $one->lockedBy], $likely), $this->belief), ...$weighed];
        $weighed = $this->testOfThePlanFirst($weighed, $order, $outright);
        $weighed = $this->plainStartsInDisguiseLast($weighed);
        $steps = [];
        foreach ($weighed as $i => $one) {
            $shown = $i < self::EXPLAINED_STEPS || $one->candidate->step->each === 'swapped';
            $steps[] = new NextStep(
                $one->candidate, $one->candidate->minutes(), $one->candidate->step->why, $one->saves, $one->after, $one->risk, $one->bits,
                $shown ? $this->lookAhead->explained($one->candidate, $one->prospects) : [], $one->lockedBy,
            );
        }

        return $this->decide($steps, $remaining, $order, $outright, $now);
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
        if ($first === null || $outright[$first] || $weighed === [] || $weighed[0]->saves > 0.0 || $this->comesFirst($weighed[0]->candidate)) {
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

    /**
     * A start that changes only what nobody suspects is a plain start with more work; behind the first step such starts come
     * after all that tell more.
     *
     * @param  list<Weighed>  $weighed
     *
     * @return list<Weighed>
     */
    private function plainStartsInDisguiseLast(array $weighed): array
    {
        $first = array_splice($weighed, 0, 1);
        [$telling, $locked, $plain] = [[], [], []];
        foreach ($weighed as $one) {
            if (! $one->isOpen()) {
                $locked[] = $one;
            } elseif ($this->isPlainStartInDisguise($one->candidate)) {
                $plain[] = $one;
            } else {
                $telling[] = $one;
            }
        }

        return [...$first, ...$telling, ...$plain, ...$locked];
    }

    private function isPlainStartInDisguise(Candidate $candidate): bool
    {
        if ($candidate->step->record !== 'start' || $candidate->setUp === null || $candidate->step->each === 'swapped') {
            return false;
        }
        $model = $this->replay->model;
        $as = $model->hazards(new SetUp(goal: $candidate->setUp->goal, temperature: $candidate->setUp->temperature), $this->replay->fitted);
        $then = $model->hazards($candidate->setUp, $this->replay->fitted);
        $changed = [];
        foreach ($as + $then as $mode => $hazard) {
            if (abs(($as[$mode] ?? 0.0) - ($then[$mode] ?? 0.0)) > 0.01) {
                $changed[$mode] = true;
            }
        }

        return $candidate->setUp->goal === Goal::System && $candidate->setUp->temperature === null && $this->belief->hasAny($changed) < self::DISGUISED_BELOW;
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
        $candidates = (new Candidates($this->catalogue, $this->replay->model->machine, $this->record, $this->shelf, $this->grounds, $this->locks))->all();

        return array_map(fn (Candidate $candidate): array => [$candidate, $this->locks->inTheWayOf($candidate)], $candidates);
    }

    /** @return array<string, array{int, Candidate}> part => minutes of the cheapest open step that tells of it by itself (in a good machine, measured, or swapped), and the step */
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
     *                                              minute, by what is saved (in steps of two minutes, for less is noise), by what is told
     */
    private function rank(Weighed $one): array
    {
        return [$one->isOpen() ? 0 : 1, $this->comesFirst($one->candidate) ? 0 : 1, -$one->savesPerMinute(), -round($one->saves / 2), -$one->bits];
    }

    /** What unlocks, what confirms, and the first start come before all weighing. */
    private function comesFirst(Candidate $candidate): bool
    {
        return $this->unlocks($candidate) || $candidate->step->each === 'swapped' || ($this->record->lastStart() === null && $candidate->step->id === 'start');
    }

    /** Whether a step swaps, or acts on, only what is not suspected. */
    private function touchesNoSuspect(Candidate $candidate): bool
    {
        if ($candidate->step->record === 'act') {
            $modes = $this->replay->model->cures((string) $candidate->step->act, array_fill_keys($candidate->on, true));
        } elseif ($candidate->spare !== null && $candidate->target !== null) {
            $modes = $this->modesOf($candidate->target);
        } else {
            return false;
        }

        return $this->belief->hasAny($modes) < self::SUSPECT_FROM;
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
            'check' => $this->locks->waitFor($candidate->step->check.':'),
            'deed' => true,
            default => false,
        };
    }

    /**
     * @param  list<NextStep>  $steps
     * @param  list<int>  $order
     * @param  array<int, bool>  $outright repair => done without a test before it
     * @param  array<int, float>  $now      set number => probability
     */
    private function decide(array $steps, float $remaining, array $order, array $outright, array $now): Advice
    {
        $open = array_values(array_filter($steps, fn (NextStep $step): bool => $step->isOpen()));
        $best = $open[0] ?? null;
        $first = $order[0] ?? null;
        $repair = $first === null ? null : $this->needs->repairs[$first];
        $probability = $first === null ? 0.0 : $this->needs->probabilities($now)[$first] ?? 0.0;
        $last = $this->record->lastStart();
        [$stop, $why] = match (true) {
            $best === null && $steps !== [] => ['locked', 'Every step is locked; see what unlocks it.'],
            $best === null => ['decide', 'Nothing in the handbook is left to try: decide, or hand to a specialist.'],
            $last === null => ['go-on', 'Start it once, as it came, before anything is touched.'],
            $best->candidate->step->each === 'swapped' => ['confirm', 'It got further with '.($best->candidate->target?->inSentence() ?? 'a part').' changed. Put the old part back before it is condemned.'],
            $this->unlocks($best->candidate) => ['go-on', "{$best->candidate->name()} comes first: it unlocks the rest."],
            ($this->runs() || $this->repairedSince()) && $this->replay->sound() >= self::PROVE_FROM => ['prove', sprintf('It is put right with %d %%. Prove it, out of the case and in.', (int) floor(100 * $this->replay->sound()))],
            $best->saves <= 0.0 && $repair !== null && $repair->endsIt() => ['decide', sprintf('No test is worth its minutes now, and what we know does not explain it (%d %%): hand to a specialist.', (int) round(100 * $probability))],
            $best->saves <= 0.0 && $repair !== null && $outright[$first] => ['decide', sprintf('No test is worth its minutes now: %s (%d %%), or hand to a specialist.', $repair->name(), (int) round(100 * $probability))],
            default => ['go-on', sprintf('%s is worth about %d minutes.', $best->candidate->name(), max(1, (int) round($best->saves)))],
        };

        $repairs = [];
        foreach ($this->needs->probabilities($now) as $number => $p) {
            $repairs[] = [$this->needs->repairs[$number], $p];
        }

        return new Advice($steps, $stop, $why, $remaining, $repair, $probability, $repairs);
    }

    /** Something was done to the machine after its last start. */
    private function repairedSince(): bool
    {
        $deeds = $this->record->all(Deed::class);

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
