<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Shelf\Spare;

/** Every step that makes sense on a machine now: the catalogue's steps made concrete, less what was already done. */
final readonly class Candidates
{
    /**
     * Times in which the same is offered, until something was done to the machine: a plain start, a start under another
     * set-up, a test in another machine. A repeat tells less, but what comes and goes is not found in one. Origin: judgement.
     */
    private const PLAIN_STARTS = 5;

    private const OTHER_STARTS = 2;

    private const HOST_TESTS = 2;

    private Goal $goal;

    private ?Temperature $temperature;

    private bool $startsOnlyByPins;

    public function __construct(
        private Catalogue $catalogue,
        private Machine $machine,
        private Record $record,
        private Shelf $shelf,
        private Grounds $grounds,
        private Interlocks $locks,
    ) {
        // What fails under one condition alone shows nothing in a trial made without it.
        $this->goal = match (true) {
            $grounds->failsUnder->condition === FailsUnder::HOURS => Goal::Hours,
            $grounds->failsUnder->condition === FailsUnder::LOAD, self::failsLate($record, $catalogue) => Goal::Load,
            default => Goal::System,
        };
        $this->temperature = match ($grounds->failsUnder->condition) {
            FailsUnder::COLD => Temperature::Cold,
            FailsUnder::WARM => Temperature::Warm,
            default => null,
        };
        $this->startsOnlyByPins = self::startsOnlyByPins($record, $catalogue);
    }

    /** @return list<Candidate> */
    public function all(): array
    {
        $all = [];
        foreach ($this->catalogue->steps as $step) {
            foreach ($this->targets($step) as $target) {
                $candidate = $this->concrete($step, $target);
                if ($candidate !== null && $this->gotFarEnough($step) && ! $this->isMoot($step) && ! $this->isDone($candidate)) {
                    $all[] = $candidate;
                }
            }
        }

        return $this->beforeBaseline() ? array_values(array_filter($all, fn (Candidate $c): bool => ! $c->step->opens)) : $all;
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
        if ($step->setUp->place === Place::InCase) {
            return ($this->record->lastStart()->setUp->place ?? Place::InCase) !== Place::Bench;
        }
        if ($step->id === 'start' && $this->record->lastStart() !== null) {
            return $this->temperature !== null || $this->goal !== Goal::System;
        }
        $after = $step->mootAfter === null ? null : $this->catalogue->stageIndex($step->mootAfter);
        foreach ($after === null ? [] : $this->record->all(Start::class) as $start) {
            if ($start->setUp->startBy === StartBy::Button && $this->catalogue->reach($start->best())->firstStop > $after) {
                return true;
            }
        }

        return false;
    }

    /** Whether what fails now fails only once the system runs: then a trial must run for a while to show anything. */
    private static function failsLate(Record $record, Catalogue $catalogue): bool
    {
        foreach (array_reverse($record->all(Start::class)) as $start) {
            if ($catalogue->reach($start->reached)->firstStop < $catalogue->stageCount()) {
                return $start->reached === 'drops';
            }
        }

        return array_filter($record->inForce, fn (Entry $entry): bool => Circumstances::reached($entry, $catalogue) === 'drops') !== [];
    }

    /** Whether it got further by the pins than it last did by the button: then the button is left out of further trials. */
    private static function startsOnlyByPins(Record $record, Catalogue $catalogue): bool
    {
        $got = ['button' => null, 'pins' => null];
        foreach ($record->all(Start::class) as $start) {
            $got[$start->setUp->startBy->value] = $catalogue->reach($start->reached);
        }

        return $got['pins'] !== null && $got['button'] !== null && $got['pins']->firstStop > $got['button']->lastStop;
    }

    /** Nothing is opened, cleaned or reseated before the first start, or old damage cannot be told from ours. */
    private function beforeBaseline(): bool
    {
        return $this->record->lastStart() === null && ! $this->locks->powerIsLocked() && $this->locks->onOwnSupply() === [];
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

    private function concrete(Step $step, ?Part $target): ?Candidate
    {
        if ($step->record === 'check') {
            return $this->check($step, $target);
        }
        $on = array_merge(...array_map($this->machine->meant(...), $step->on), ...[[]]);
        if ($step->act !== null && $on === []) {
            return null;
        }
        if ($step->record === 'deed') {
            return new Candidate($step, null, null, $on, null);
        }
        $spare = $step->setUp->lends && $target !== null ? $this->spareFor($target->kind->id) : null;
        $setUp = $this->setUp($step, $target, $spare);

        $longer = $setUp === null ? 0 : $this->longer($step, $setUp);

        return $setUp === null
            ? null
            : new Candidate($step, $target, $setUp, $on, $spare, $step->setUp->lends && $spare === null, $longer, $setUp->hasOwn('supply'));
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

    private function setUp(Step $step, ?Part $target, ?Spare $spare): ?SetUp
    {
        $asked = $step->setUp;
        $last = $this->record->lastStart()->setUp ?? new SetUp;
        if ($asked->restores) {
            return $target === null ? null : $this->restored($target->id, $last);
        }
        if ($asked->otherOutput && ! $this->machine->has('output')) {
            return null;
        }
        $out = $lent = $moved = [];
        if ($asked->out !== null) {
            $out = $asked->out === 'target' ? [$target->id ?? ''] : $this->machine->meant($asked->out);
            if ($out === []) {
                return null;
            }
        }
        if ($target !== null && $asked->swapsSlot && $target->kind->id === 'card') {
            $moved = [$target->id => SetUp::OTHER_SLOT];
        } elseif ($target !== null && ($asked->only || $asked->swapsSlot)) {
            $out = array_values(array_diff($this->machine->meant($target->kind->id), [$target->id]));
        }
        if ($asked->swapsSlot && $target !== null && $target->kind->id !== 'card') {
            $slot = $this->anotherSlot($target->id);
            if ($slot === null) {
                return null;
            }
            $moved = [$target->id => $slot];
        }
        if ($asked->lends && $target !== null) {
            $lent = [$target->id => new Lent($spare->tag ?? '?', $spare->trust ?? 1.0)];
        }
        if ($this->locks->onOwnSupply() !== [] && isset($last->lent['supply'])) {
            // Its own supply gets no mains: what runs the machine now goes on running it.
            $lent += ['supply' => $last->lent['supply']];
            ksort($lent);
        }

        return new SetUp(
            $out,
            $lent,
            $moved,
            $asked->place ?? $last->place,
            $asked->startBy ?? ($this->startsOnlyByPins && $step->id !== 'start' ? StartBy::Pins : StartBy::Button),
            $asked->temperature ?? ($step->id !== 'start' ? $this->temperature : null),
            $asked->goal ?? ($step->id !== 'start' ? $this->goal : Goal::System),
            $asked->otherOutput,
        );
    }

    /** Bench minutes on top of the step's own, for a trial that must be made cold, warm, at work or for hours. */
    private function longer(Step $step, SetUp $setUp): int
    {
        $work = $step->setUp->goal !== null
                ? 0
                : match ($setUp->goal) {
                    Goal::Load => $this->catalogue->number('load_minutes'),
                    Goal::Hours => 2 * $this->catalogue->number('load_minutes'),
                    default => 0,
                };

        return (int) ($work
            + ($setUp->temperature === null || $step->setUp->temperature !== null ? 0 : $this->catalogue->number('condition_minutes')));
    }

    /** The machine's own part back in its place, and out of that place whatever was put there meanwhile. */
    private function restored(string $part, SetUp $last): SetUp
    {
        $setUp = $last->restoring($part);
        foreach ($setUp->moved as $stick => $slot) {
            if ($slot === ($this->machine->slots[$part] ?? null)) {
                $setUp = $setUp->restoring($stick);
            }
        }

        return $setUp;
    }

    /** The slot to try a stick in: the next one after its own. */
    private function anotherSlot(string $stick): ?string
    {
        $slots = array_column($this->machine->ofKind('slot'), 'id');
        $at = array_search($this->machine->slots[$stick] ?? '', $slots, true);

        return count($slots) < 2 || $at === false ? null : $slots[($at + intdiv(count($slots), 2)) % count($slots)];
    }

    private function isDone(Candidate $candidate): bool
    {
        $step = $candidate->step;
        if ($step->record === 'check') {
            return ($step->unlocks && ! $this->locks->waitForCheck((string) $step->check))
                || $this->checkIsDone((string) $step->check, $candidate->target?->id);
        }
        if ($step->record === 'deed') {
            return ! $this->locks->waitForAct((string) $step->act);
        }
        if ($step->record === 'act') {
            foreach ($this->record->all(ActDone::class) as $deed) {
                if ($deed->act === $step->act && ! $deed->begun && array_intersect($deed->on, $candidate->on) !== []) {
                    return true;
                }
            }

            return false;
        }

        return $step->each !== 'swapped'
            && $this->startIsDone($candidate->setUp ?? new SetUp, $step->id === 'start' ? self::PLAIN_STARTS : self::OTHER_STARTS);
    }

    /** A check is done once it was made, in another machine twice, unless it can clear a lock that is on. */
    private function checkIsDone(string $check, ?string $target): bool
    {
        if ($this->locks->waitForCheck($check)) {
            return false;
        }
        $done = 0;
        foreach ($this->record->all(Finding::class) as $finding) {
            $done += $finding->check === $check && ($finding->target === null || $finding->target === $target) ? 1 : 0;
        }

        return $done >= ($this->catalogue->check($check)->host ? self::HOST_TESTS : 1);
    }

    /** A start under the same set-up tells little new, until something was done to the machine. */
    private function startIsDone(SetUp $setUp, int $enough): bool
    {
        $done = 0;
        foreach ($this->record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                $done = 0;
            }
            if ($entry instanceof Start && $entry->setUp->key() === $setUp->key()) {
                $done += $entry->times;
            }
        }

        return $done >= $enough;
    }
}
