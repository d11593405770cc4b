<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\Shelf\Spare;

/** Makes what a step asks of a start concrete on one machine: what is out, lent and moved, where and how it is started. */
final readonly class SetUpOfStep
{
    /**
     * @param  SetUp  $last how the machine stands
     * @param  bool  $supplyIsLent its own supply gets no mains: what runs the machine now goes on running it
     */
    public function __construct(private Machine $machine, private SetUp $last, private Trial $trial, private bool $supplyIsLent)
    {
    }

    /** Null where this machine cannot be set up so. */
    public function of(Step $step, ?Part $target, ?Spare $spare): ?SetUp
    {
        $asked = $step->setUp;
        if ($asked->restores) {
            return $target === null ? null : $this->restored($target->id);
        }
        $out = $this->out($step, $target);
        $moved = $this->moved($step, $target);
        if ($out === null || $moved === null || ($asked->otherOutput && ! $this->machine->has('output'))) {
            return null;
        }
        $isPlainStart = $step->id === 'start';
        $place = $asked->place ?? $this->last->place;

        return new SetUp(
            out: $out,
            lent: $this->lent($step, $target, $spare),
            moved: $moved,
            place: $place,
            startBy: $asked->startBy ?? $this->startBy($place, $isPlainStart),
            temperature: $asked->temperature ?? ($isPlainStart ? null : $this->trial->temperature),
            goal: $asked->goal ?? ($isPlainStart ? Goal::System : $this->trial->goal),
            otherOutput: $asked->otherOutput,
            basicDriver: $asked->basicDriver,
            otherDriver: $asked->otherDriver ? '' : null,
            lowClocks: $asked->lowClocks,
        );
    }

    /** On the mat it is started as it was there before; the case and its button are elsewhere. */
    private function startBy(Place $place, bool $isPlainStart): StartBy
    {
        return match (true) {
            $place === Place::Bench && $this->last->place === Place::Bench => $this->last->startBy,
            $isPlainStart => StartBy::Button,
            default => $this->trial->startBy,
        };
    }

    /** @return ?list<string> parts that are out; null where there is nothing to take out */
    private function out(Step $step, ?Part $target): ?array
    {
        $asked = $step->setUp;
        if ($asked->strips && $target !== null) {
            return $this->allButWhatAPictureNeeds($target);
        }
        if ($target !== null && ($asked->only || $asked->swapsSlot) && ! self::movesCard($step, $target)) {
            return array_values(array_diff($this->machine->meant($target->kind->id), [$target->id]));
        }
        if ($asked->out === null) {
            return [];
        }
        $out = $asked->out === 'target' ? [$target->id ?? ''] : $this->machine->meant($asked->out);

        return $out === [] ? null : $out;
    }

    /** @return list<string> */
    private function allButWhatAPictureNeeds(Part $stick): array
    {
        $kinds = ['devices', 'add-in', 'drive', ...$this->machine->facts['own_graphics'] ? ['card'] : []];
        $out = array_merge(
            array_diff($this->machine->meant('stick'), [$stick->id]),
            ...array_map($this->machine->meant(...), $kinds),
        );
        sort($out);

        return $out;
    }

    /** @return ?array<string, string> part => slot; null where there is no other slot to try it in */
    private function moved(Step $step, ?Part $target): ?array
    {
        if (! $step->setUp->swapsSlot || $target === null) {
            return [];
        }
        $slot = self::movesCard($step, $target) ? SetUp::OTHER_SLOT : $this->anotherSlot($target->id);

        return $slot === null ? null : [$target->id => $slot];
    }

    private static function movesCard(Step $step, Part $target): bool
    {
        return $step->setUp->swapsSlot && $target->kind->id === 'card';
    }

    /** @return array<string, Lent> */
    private function lent(Step $step, ?Part $target, ?Spare $spare): array
    {
        $lent = $step->setUp->lends && $target !== null ? [$target->id => new Lent($spare->tag ?? '?', $spare->trust ?? 1.0)] : [];
        if ($this->supplyIsLent && isset($this->last->lent['supply'])) {
            $lent += ['supply' => $this->last->lent['supply']];
            ksort($lent);
        }

        return $lent;
    }

    /** The machine's own part back in its place, and out of that place whatever was put there meanwhile. */
    private function restored(string $part): SetUp
    {
        $setUp = $this->last->restoring($part);
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
}
