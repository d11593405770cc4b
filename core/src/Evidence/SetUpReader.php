<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/** Makes set-ups from their written form. */
final readonly class SetUpReader
{
    public function __construct(private Machine $machine)
    {
    }

    public function read(Written $written): SetUp
    {
        $out = array_values(array_unique($written->allOf('part of this machine', 'out', array_keys($this->machine->parts))));
        sort($out);
        $temperature = $written->oneOfOrNull('temperature', 'temperature', ['cold', 'warm']);
        $driver = $written->oneOfOrNull('driver', 'driver', ['own', 'basic', 'other']);
        if ($driver !== 'other' && $written->has('driver_named')) {
            throw $written->mistake('driver_named', 'Name the driver only where another than its own was in.');
        }
        $setUp = new SetUp(
            out: $out,
            lent: $this->lent($written->part('lent')),
            moved: $this->moved($written->part('moved')),
            place: Place::from($written->oneOf('place', 'place', ['case', 'bench'], 'case')),
            startBy: StartBy::from($written->oneOf('start_by', 'start_by', ['button', 'pins'], 'button')),
            temperature: $temperature === null ? null : Temperature::from($temperature),
            goal: Goal::from($written->oneOf('goal', 'goal', ['picture', 'system', 'load', 'hours'], 'system')),
            attached: array_values(array_unique($written->allOf('tool that is attached', 'attached', array_keys(SetUp::TOOLS)))),
            basicDriver: $driver === 'basic',
            otherDriver: $driver === 'other' ? mb_substr(trim($written->word('driver_named')), 0, 40) : null,
            lowClocks: $written->oneOfOrNull('clocks', 'clocks', ['rated', 'low']) === 'low',
            otherOutput: $written->oneOfOrNull('output', 'output', ['own', 'other']) === 'other',
        );
        $this->eachSlotOnce($setUp, $written);

        return $setUp;
    }

    /** @return array<string, Lent> */
    private function lent(Written $written): array
    {
        $lent = [];
        foreach ($written->keys() as $part) {
            $written->known('part of this machine', $part, array_keys($this->machine->parts), $part);
            $spare = $written->part($part);
            $trust = $spare->has('trust') ? $spare->number('trust') : Lent::TRUST_UNSAID;
            if (! $spare->has('tag') || $trust === null || $trust < 0 || $trust > 1) {
                throw $written->mistake($part, 'A lent part needs its tag, and a trust from 0 to 1 if one is given.');
            }
            $lent[$part] = new Lent($spare->word('tag'), $trust);
        }
        ksort($lent);

        return $lent;
    }

    /** @return array<string, string> */
    private function moved(Written $written): array
    {
        $drives = array_column($this->machine->ofKind('drive'), 'id');
        $sticks = array_column($this->machine->ofKind('stick'), 'id');
        $slots = array_column($this->machine->ofKind('slot'), 'id');
        $moved = [];
        foreach ($written->keys() as $part) {
            if ($this->machine->has($part) && in_array($part, ['card', ...$drives], true)) {
                $place = $part === 'card' ? 'slot for the card' : 'port for the drive';
                $moved[$part] = $written->oneOf($place, $part, [SetUp::OTHER_SLOT]);
            } else {
                $written->known('stick of this machine', $part, $sticks, $part);
                $moved[$part] = $written->oneOf('slot of this machine', $part, $slots);
            }
        }
        ksort($moved);

        return $moved;
    }

    private function eachSlotOnce(SetUp $setUp, Written $written): void
    {
        $taken = [];
        foreach (array_column($this->machine->ofKind('stick'), 'id') as $stick) {
            $slot = $this->machine->slotOf($stick, $setUp);
            if ($slot !== null && isset($taken[$slot])) {
                throw $written->mistake('moved', "{$stick} and {$taken[$slot]} cannot both sit in {$slot}; take one out or move it.");
            }
            if ($slot !== null) {
                $taken[$slot] = $stick;
            }
        }
    }
}
