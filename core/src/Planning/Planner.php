<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Information;
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
    private const SHOWN_OUTCOMES = 4;

    private const EXPLAINED_STEPS = 8;

    /** Share of belief under which a step that touches a part is no test of it. Origin: judgement. */
    private const SUSPECT_FROM = 0.005;

    private readonly Belief $belief;

    private readonly RepairNeeds $needs;

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly Replay $replay,
        private readonly Record $record,
        private readonly Grounds $grounds,
        private readonly Interlocks $locks,
        private readonly Shelf $shelf,
    ) {
        $this->belief = $replay->belief->mostOf($catalogue->number('plan_mass'), (int) $catalogue->number('plan_states'));
        $this->needs = new RepairNeeds($catalogue, $replay);
    }

    public static function advise(Catalogue $catalogue, Replay $replay, Record $record, Grounds $grounds, Interlocks $locks, Shelf $shelf): Advice
    {
        return (new self($catalogue, $replay, $record, $grounds, $locks, $shelf))->advice();
    }

    private function advice(): Advice
    {
        $states = $this->needs->under($this->belief);
        [$order, $remaining] = RepairOrder::best($states, $this->needs->costs);
        $candidates = (new Candidates($this->catalogue, $this->replay->model->machine, $this->record, $this->shelf, $this->grounds, $this->locks))->all();
        $cheapLoan = (int) ($this->catalogue->steps['supply-tester']->minutes * $this->catalogue->number('money_per_minute'));
        $weighed = [];
        foreach ($candidates as $candidate) {
            $lockedBy = $this->locks->inTheWayOf($candidate, $cheapLoan);
            [$after, $prospects, $bits] = $this->lookAhead($candidate);
            if ($this->touchesNoSuspect($candidate)) {
                // It tells no more than a plain start does.
                $after = max($after, $remaining);
            }
            $risk = $this->moneyAtRisk($candidate);
            $cost = $candidate->step->minutes + $risk / $this->catalogue->number('money_per_minute');
            $weighed[] = [$candidate, $lockedBy, $after, $prospects, $risk, $remaining - $cost - $after, $bits];
        }
        usort($weighed, fn (array $a, array $b): int => $this->rank($a) <=> $this->rank($b));
        $steps = [];
        foreach ($weighed as $i => [$candidate, $lockedBy, $after, $prospects, $risk, $saves, $bits]) {
            $shown = $i < self::EXPLAINED_STEPS || $candidate->step->each === 'swapped';
            $steps[] = new NextStep(
                $candidate, $candidate->step->minutes, $candidate->step->why, $saves, $after, $risk, $bits,
                $shown ? $this->explained($candidate, $prospects) : [], $lockedBy,
            );
        }

        return $this->decide($steps, $remaining, $order, $states);
    }

    /**
     * @param  array{Candidate, list<ActiveLock>, float, list<Prospect>, int, float, float}  $weighed
     *
     * @return array{int, int, float, float} locked last, what unlocks and what confirms first, then by what is saved (in steps of two
     *                                       minutes, for less is noise), then by what is told
     */
    private function rank(array $weighed): array
    {
        [$candidate, $lockedBy, , , , $saves, $bits] = $weighed;

        return [
            $lockedBy !== [] || $candidate->lacksSpare ? 1 : 0,
            $this->unlocks($candidate) || $candidate->step->each === 'swapped' || ($this->record->lastStart() === null && $candidate->step->id === 'start') ? 0 : 1,
            -round($saves / 2),
            -$bits,
        ];
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
     * @param  list<array{list<int>, float}>  $states
     */
    private function decide(array $steps, float $remaining, array $order, array $states): Advice
    {
        $first = $order === [] ? null : $this->likeliestRepair($states);
        $probability = 0.0;
        foreach ($states as [$needs, $weight]) {
            $probability += $first !== null && in_array($first, $needs, true) ? $weight : 0.0;
        }
        $repair = $first === null ? null : $this->needs->repairs[$first];
        $open = array_values(array_filter($steps, fn (NextStep $step): bool => $step->isOpen()));
        $best = $open[0] ?? null;
        $last = $this->record->lastStart();
        [$stop, $why] = match (true) {
            $best === null && $steps !== [] => ['locked', 'Every step is locked; see what unlocks it.'],
            $best === null => ['decide', 'Nothing in the handbook is left to try: decide, or hand to a specialist.'],
            $last === null => ['go-on', 'Start it once, as it came, before anything is touched.'],
            $best->candidate->step->each === 'swapped' => ['confirm', 'It got further with '.($best->candidate->target?->inSentence() ?? 'a part').' changed. Put the old part back before it is condemned.'],
            ($this->runs() || $this->repairedSince()) && $this->belief->sound() >= 0.75 => ['prove', sprintf('It is put right with %d %%. Prove it, out of the case and in.', (int) floor(100 * $this->belief->sound()))],
            $best->saves <= 0.0 && $repair !== null => ['decide', sprintf('No test is worth its minutes now: %s (%d %%).', $repair->name(), (int) round(100 * $probability))],
            default => ['go-on', sprintf('%s is worth about %d minutes.', $best->candidate->name(), max(1, (int) round($best->saves)))],
        };

        return new Advice($steps, $stop, $why, $remaining, $repair, $probability);
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

    /** @param  list<array{list<int>, float}>  $states */
    private function likeliestRepair(array $states): ?int
    {
        $p = [];
        foreach ($states as [$needs, $weight]) {
            foreach ($needs as $repair) {
                $p[$repair] = ($p[$repair] ?? 0.0) + $weight;
            }
        }
        arsort($p);

        return array_key_first($p);
    }

    /**
     * Expected minutes left after a step, and what it may show.
     *
     * @return array{float, list<Prospect>, float} minutes, prospects, bits
     */
    private function lookAhead(Candidate $candidate): array
    {
        $belief = $this->beliefAfterMoving($candidate);
        $forecast = $this->forecast($candidate);
        $probability = $byNeeds = $members = $told = [];
        foreach ($belief->states() as $i => [$faults, $weight, $was]) {
            $needs = $this->needs->of($faults);
            $shares = $forecast->given($faults);
            $told[] = [$weight, $shares];
            foreach ($shares as $outcome => $share) {
                $w = $weight * $share;
                $probability[$outcome] = ($probability[$outcome] ?? 0.0) + $w;
                $byNeeds[$outcome][$needs] = ($byNeeds[$outcome][$needs] ?? 0.0) + $w;
                $members[$outcome][$i] = $w;
            }
        }
        $after = 0.0;
        $prospects = [];
        foreach ($probability as $outcome => $p) {
            $after += RepairOrder::best($this->needs->weighed($byNeeds[$outcome]), $this->needs->costs)[1];
            $prospects[] = new Prospect($forecast->outcomes()[$outcome], $p, $members[$outcome], $belief);
        }

        return [$after, $prospects, Information::gain($told)];
    }

    private function beliefAfterMoving(Candidate $candidate): Belief
    {
        $belief = $this->belief;
        $model = $this->replay->model;
        if ($candidate->step->act !== null) {
            $belief = $belief->after($model->cures($candidate->step->act, array_fill_keys($candidate->on, true)));
        }
        if ($candidate->setUp !== null) {
            $belief = $belief->after($this->replay->movingCures($candidate->setUp));
        }
        if ($candidate->spare !== null && $candidate->target !== null) {
            $mode = $model->modes->ofSpare($candidate->spare->tag, $candidate->target->id);
            if ($mode !== null && ! $this->replay->isInQuestion($candidate->spare->tag, $candidate->target->id)) {
                $belief = $belief->introduce($mode, 1.0 - min($candidate->spare->trust, 0.999));
            }
        }

        return $belief;
    }

    private function forecast(Candidate $candidate): Forecast
    {
        $model = $this->replay->model;
        if ($candidate->step->record === 'deed') {
            return new DeedForecast;
        }
        if ($candidate->setUp === null) {
            $check = $this->catalogue->check((string) $candidate->step->check);

            return FindingForecast::of($model->modes, $check, $check->target === null ? null : $candidate->target?->id);
        }

        return StartForecast::of(
            $model, $model->hazards($candidate->setUp, $this->replay->fitted), $model->cut($candidate->setUp), $this->tellingChannel(), $this->replay->shown,
        );
    }

    /** The sign that tells most where a dark start stops, of those this machine has. */
    private function tellingChannel(): ?string
    {
        foreach (['code' => 'code_display', 'lamp' => 'status_lamps', 'beeps' => 'speaker'] as $channel => $fact) {
            if ($this->replay->model->machine->facts[$fact]) {
                return $channel;
            }
        }

        return null;
    }

    /**
     * @param  list<Prospect>  $prospects
     *
     * @return list<Outcome>
     */
    private function explained(Candidate $candidate, array $prospects): array
    {
        usort($prospects, fn (Prospect $a, Prospect $b): int => $b->probability <=> $a->probability);
        $explained = [];
        foreach (array_slice($prospects, 0, self::SHOWN_OUTCOMES) as $prospect) {
            $outcome = $prospect->outcome;
            $explained[] = new Outcome($outcome['result'], $outcome['signs'], $outcome['words'], $prospect->probability, $this->meaning($candidate, $prospect));
        }

        return $explained;
    }

    /** What an outcome would mean: the part most likely at fault after it, or that the machine is then cured. */
    private function meaning(Candidate $candidate, Prospect $prospect): string
    {
        $parts = [];
        $sound = 0.0;
        $states = $prospect->belief->states();
        foreach ($prospect->weights as $i => $weight) {
            [$now, , $was] = $states[$i];
            $w = $weight / $prospect->probability;
            $sound += $now === [] ? $w : 0.0;
            foreach ($was as $fault) {
                $mode = $this->replay->model->modes->all[$fault];
                $name = $mode->spare === null ? $this->replay->model->machine->part($mode->part)->name : "spare {$mode->spare}";
                $parts[$name] = ($parts[$name] ?? 0.0) + $w;
            }
        }
        if ($candidate->step->record === 'deed') {
            return 'then look again';
        }
        if ($candidate->step->record === 'act' && $sound > 0.5) {
            return sprintf('then cured, %d %%', (int) round(100 * $sound));
        }
        if ($parts === []) {
            return 'nothing wrong';
        }
        arsort($parts);

        return sprintf('then %s %d %%', array_key_first($parts), (int) round(100 * reset($parts)));
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
