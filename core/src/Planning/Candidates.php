<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Shelf\Spare;

/** Every step that makes sense on a machine now: the catalogue's steps made concrete, less what was already done. */
final readonly class Candidates
{
    private SetUpOfStep $setUps;

    /** The same under the condition that what is believed shows under, where it is not what every start is made under anyway. */
    private ?SetUpOfStep $alsoUnder;

    private AsItStands $standing;

    private FoundThenMended $found;

    /**
     * @param  Trial  $trial what every start is made under
     * @param  ?string  $showsUnder the condition that what is believed shows under; null where it shows in every start
     */
    public function __construct(
        private Catalogue $catalogue,
        private Machine $machine,
        private Record $record,
        private Shelf $shelf,
        private Grounds $grounds,
        private Interlocks $locks,
        private Trial $trial,
        ?string $showsUnder = null,
    ) {
        $this->standing = new AsItStands($catalogue, $record, $grounds);
        $this->found = new FoundThenMended($record, $machine, $catalogue);
        $last = $record->lastStart()->setUp ?? new SetUp;
        $supplyIsLent = $locks->onOwnSupply() !== [];
        $this->setUps = new SetUpOfStep($machine, $last, $this->trial, $supplyIsLent);
        $under = $showsUnder === null ? $this->trial : $this->trial->under($showsUnder);
        $this->alsoUnder = $under == $this->trial ? null : new SetUpOfStep($machine, $last, $under, $supplyIsLent);
    }

    /** @return list<Candidate> */
    public function all(): array
    {
        $all = [];
        foreach ($this->catalogue->steps as $step) {
            foreach ($this->targets($step) as $target) {
                foreach ($this->ways($step) as $setUps) {
                    $candidate = $this->concrete($step, $target, $setUps);
                    if ($candidate !== null && $this->isOpen($candidate)) {
                        $all[] = $candidate;
                    }
                }
            }
        }

        return $this->beforeBaseline() ? $this->asItCame($all) : $all;
    }

    /** @return list<SetUpOfStep> a loan is made plain, and under the condition that what is believed shows under */
    private function ways(Step $step): array
    {
        return $step->setUp->lends && $this->alsoUnder !== null ? [$this->setUps, $this->alsoUnder] : [$this->setUps];
    }

    private function isOpen(Candidate $candidate): bool
    {
        return $this->isOfWhatCame($candidate)
            && ! $this->isOfWhatStayed($candidate)
            && $this->gotFarEnough($candidate->step)
            && ! $this->isMoot($candidate->step)
            && ! $this->ranWithLessOut($candidate)
            && ! $this->isDone($candidate);
    }

    /** What came to a picture with less taken out comes to one stripped, too. */
    private function ranWithLessOut(Candidate $candidate): bool
    {
        $out = $candidate->step->setUp->strips ? $candidate->setUp->out ?? [] : [];
        $picture = $this->catalogue->stageIndex('picture');
        $ran = fn (Start $start): bool => $start->setUp->out !== []
            && $start->setUp->lent === []
            && array_diff($start->setUp->out, $out) === []
            && $this->catalogue->reach($start->reached)->firstStop > $picture;

        return $out !== [] && array_filter($this->record->all(Start::class), $ran) !== [];
    }

    /**
     * Nothing is opened before the first start; and what only lets a machine start is not seen to where it is told that it does.
     *
     * @param  list<Candidate>  $all
     *
     * @return list<Candidate>
     */
    private function asItCame(array $all): array
    {
        $runs = array_filter(
            $this->record->inForce,
            fn (Entry $entry): bool => in_array(Circumstances::reached($entry, $this->catalogue), ['drops', 'stays'], true),
        ) !== [];

        return array_values(array_filter($all, fn (Candidate $c): bool => ! $c->step->opens && ! ($runs && $c->step->record === 'act')));
    }

    /** Around a part that came alone stands a good machine of the shop's: nothing in it is changed, measured or worked on. */
    private function isOfWhatCame(Candidate $candidate): bool
    {
        if ($this->machine->alone === null) {
            return true;
        }
        if ($candidate->step->setUp->lends || $candidate->step->setUp->strips) {
            // A good one in its stead, or less of the good machine around it, would tell of that machine alone.
            return false;
        }
        $named = array_map($this->machine->part(...), $candidate->on);
        $at = $candidate->step->check === null ? null : $this->catalogue->check($candidate->step->check)->at;
        foreach ($at === null ? [] : $this->machine->ofKind($at) as $part) {
            $named[] = $part;
        }
        $named = [...$named, ...$candidate->target === null ? [] : [$candidate->target]];
        $isGeneral = $candidate->setUp?->out === [] || $candidate->step->unlocks;

        return $named === [] ? $isGeneral : array_filter($named, $this->machine->isOwners(...)) !== [];
    }

    /** What is looked at, changed or worked on stayed with its owner, and nothing else of it is. */
    private function isOfWhatStayed(Candidate $candidate): bool
    {
        if ($this->machine->atHome === []) {
            return false;
        }
        $step = $candidate->step;
        $named = [
            ...$candidate->on,
            ...$candidate->target === null ? [] : [$candidate->target->id],
            ...$candidate->setUp === null ? [] : $this->changed($candidate->setUp),
        ];
        $kinds = array_map(fn (string $part): string => $this->machine->part($part)->kind->id, $named);
        if ($step->check !== null && $kinds === []) {
            $kinds = array_column($this->shown($step->check), 'part');
        }

        return $kinds !== [] && array_diff($kinds, $this->machine->atHome) === [] && ! $this->isOfWhatCameIn($step, $kinds);
    }

    /**
     * A look shows, or an act ends, a fault that is here though its part is not.
     *
     * @param  list<string>  $kinds of part that it is about
     */
    private function isOfWhatCameIn(Step $step, array $kinds): bool
    {
        $faults = $step->check === null ? $this->catalogue->faults : $this->shown($step->check);
        $isIt = fn (Fault $fault): bool => $fault->comesIn
            && in_array($fault->part, $kinds, true)
            && ($step->act === null || isset($fault->cures[$step->act]));

        return $step->record !== 'start' && array_filter($faults, $isIt) !== [];
    }

    /** @return list<Fault> what a look or reading may show */
    private function shown(string $check): array
    {
        return array_map($this->catalogue->fault(...), array_keys($this->catalogue->check($check)->detects()));
    }

    /** @return list<string> parts that a start changes against the last one */
    private function changed(SetUp $setUp): array
    {
        return ($this->record->lastStart()->setUp ?? new SetUp)->partsChangedTo($setUp);
    }

    private function gotFarEnough(Step $step): bool
    {
        $last = $this->record->lastStart();

        return $step->from === null
            || ($last !== null && $this->catalogue->reach($last->best())->firstStop > $this->catalogue->stageIndex($step->from));
    }

    /** Whether a start has shown already what the step is for, or a start as it is can no longer show what it fails at. */
    private function isMoot(Step $step): bool
    {
        if ($this->isTheOtherWay($step) || ($step->setUp->isGentler() && ! $this->hasFailedHere())) {
            return true;
        }
        if ($step->setUp->goal === Goal::Hours) {
            return $this->trial->goal !== Goal::Hours;
        }
        if ($step->setUp->place === Place::InCase) {
            return ($this->record->lastStart()->setUp->place ?? Place::InCase) !== Place::Bench;
        }
        if ($step->id === 'start' && $this->record->lastStart() !== null) {
            return ! $this->trial->isPlain();
        }
        $after = $step->mootAfter === null ? null : $this->catalogue->stageIndex($step->mootAfter);
        foreach ($after === null ? [] : array_reverse($this->record->all(Start::class)) as $start) {
            if ($start->setUp->startBy === StartBy::Button) {
                return $this->catalogue->reach($start->reached)->firstStop > $after;
            }
        }

        return false;
    }

    private function hasFailedHere(): bool
    {
        $failed = fn (Start $start): bool => $this->catalogue->isFailure($start->best());

        return array_filter($this->record->all(Start::class), $failed) !== [];
    }

    /** Nothing is opened, cleaned or reseated before the first start, or old damage cannot be told from ours. */
    private function beforeBaseline(): bool
    {
        return $this->record->lastStart() === null && ! $this->locks->powerIsLocked() && $this->locks->onOwnSupply() === [];
    }

    /** A start as it is, and one with what is attached taken off, are the same start under two names: one of them is asked for. */
    private function isTheOtherWay(Step $step): bool
    {
        return $step->id === (($this->record->lastStart()->setUp->attached ?? []) === [] ? 'take-off' : 'start');
    }

    /** @return list<?Part> */
    private function targets(Step $step): array
    {
        if ($step->each === null) {
            return [null];
        }
        if ($step->each === 'swapped') {
            // What was seen or measured bad is not put back to see it fail.
            $swapped = array_filter(
                $this->grounds->unconfirmedSwaps($this->record),
                fn (string $part): bool => ! $this->grounds->has($part, Ground::Seen),
            );

            return array_map($this->machine->part(...), array_values($swapped));
        }
        $parts = $this->machine->ofKind($step->each);
        if ($step->several && count($parts) < 2) {
            return [];
        }

        return $step->once ? array_slice($parts, 0, 1) : $parts;
    }

    private function concrete(Step $step, ?Part $target, SetUpOfStep $setUps): ?Candidate
    {
        if ($step->record === 'check') {
            return $this->check($step, $target);
        }
        $on = array_merge(...array_map($this->machine->meant(...), $step->on), ...[[]]);
        if ($step->act !== null && $on === []) {
            return null;
        }
        if ($step->record === 'unlock') {
            return new Candidate($step, null, null, $on, null);
        }
        $spare = $step->setUp->lends && $target !== null ? $this->spareFor($target->kind->id) : null;
        $setUp = $setUps->of($step, $target, $spare);

        return $setUp === null ? null : $this->start($step, $target, $setUp, $on, $spare);
    }

    /** @param  list<string>  $on parts that an act is done to before it */
    private function start(Step $step, ?Part $target, SetUp $setUp, array $on, ?Spare $spare): Candidate
    {
        $longer = $this->trial->longer($step, $setUp, $this->catalogue);
        $spared = $this->standing->spared($step, $setUp);

        return new Candidate(
            step: $step,
            target: $target,
            setUp: $setUp,
            on: $on,
            spare: $spare,
            lacksSpare: $step->setUp->lends && $spare === null,
            longer: $longer,
            spared: $spared,
            holdsUp: $spared > 0 && $longer === 0 && $this->standing->gotFurther(),
            ownSupply: $setUp->hasOwn('supply'),
        );
    }

    private function spareFor(string $kind): ?Spare
    {
        return $this->shelf->best($kind, $this->machine, $this->catalogue->shelf);
    }

    private function check(Step $step, ?Part $target): ?Candidate
    {
        $check = $this->catalogue->check((string) $step->check);
        if ($check->target !== null && $this->machine->ofKind($check->target) === []) {
            return null;
        }
        $target ??= $check->target === null ? null : $this->machine->ofKind($check->target)[0];
        $runsIt = $check->host
            ? $target?->kind->id === 'supply'
            : $step->check !== 'supply-test' && ! $step->benchSupply && ($this->record->lastStart()->setUp ?? new SetUp)->hasOwn('supply');

        return new Candidate(
            $step,
            $target,
            null,
            [],
            null,
            ownSupply: $step->power && $runsIt,
            host: $check->host ? $this->spareFor('host') : null,
        );
    }

    private function isDone(Candidate $candidate): bool
    {
        $step = $candidate->step;

        return match ($step->record) {
            'check' => ($step->unlocks && ! $this->locks->waitForCheck((string) $step->check))
                || $this->checkIsDone((string) $step->check, $candidate->target?->id),
            'unlock' => ! $this->locks->waitForAct((string) $step->act),
            'act' => $this->actIsDone((string) $step->act, $candidate->on),
            default => $step->each !== 'swapped'
                && ! $this->isTheWayOn($candidate)
                && $this->startIsDone(
                    $candidate->setUp ?? new SetUp,
                    match (true) {
                        $step->id === 'start' => 'plain_starts',
                        $candidate->holdsUp => 'held_starts',
                        default => 'other_starts',
                    },
                ),
        };
    }

    /** A lent supply runs the machine where its own gets no mains, however often one was lent before. */
    private function isTheWayOn(Candidate $candidate): bool
    {
        return $candidate->spare?->kind === 'supply'
            && $this->locks->onOwnSupply() !== []
            && ! isset($this->record->lastStart()?->setUp->lent['supply']);
    }

    /** @param  list<string>  $on */
    private function actIsDone(string $act, array $on): bool
    {
        foreach ($this->record->all(ActDone::class) as $done) {
            $isIt = $done->act === $act && ! $done->begun && array_intersect($done->on, $on) !== [];
            if ($isIt && ! $this->found->isFoundSince($done)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A check is done once it was made, in another machine twice, unless it can clear a lock that is on, or what it found was seen to
     * since. A machine that failed with its own part tested nothing.
     */
    private function checkIsDone(string $check, ?string $target): bool
    {
        if ($this->locks->waitForCheck($check)) {
            return false;
        }
        $done = 0;
        foreach ($this->record->all(Finding::class) as $finding) {
            $isIt = $finding->check === $check && ($finding->target === null || $finding->target === $target);
            $done += $isIt && $finding->hostSaid->own !== false && ! $this->found->isMendedSince($finding) ? 1 : 0;
        }

        return $done >= ($this->catalogue->check($check)->host ? $this->catalogue->number('host_tests') : 1);
    }

    /**
     * A start under the same set-up tells little new. What failed twice in one way, and never went otherwise, will so a third time; what
     * comes and goes is looked for longer.
     */
    private function startIsDone(SetUp $setUp, string $enough): bool
    {
        $tried = TriedAlready::in($this->record, $setUp, $this->catalogue);
        $alike = $tried->failedAlike() ? $this->catalogue->number('alike_starts') : PHP_INT_MAX;

        return $tried->times >= min($alike, $this->catalogue->number($enough));
    }
}
