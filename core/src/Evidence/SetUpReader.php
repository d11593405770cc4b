<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\SetUp;

/** Makes set-ups from their written form. */
final readonly class SetUpReader
{
    public function __construct(private Machine $machine)
    {
    }

    /** @param  array<string, mixed>  $given */
    public function read(array $given): SetUp
    {
        foreach ($given['out'] ?? [] as $i => $part) {
            Written::oneOf('part of this machine', (string) $part, array_keys($this->machine->parts), "/setup/out/{$i}");
        }
        foreach ($given['lent'] ?? [] as $part => $spare) {
            Written::oneOf('part of this machine', (string) $part, array_keys($this->machine->parts), "/setup/lent/{$part}");
            $trust = $spare['trust'] ?? 0.97;
            if (! is_array($spare) || ! isset($spare['tag']) || ! is_numeric($trust) || $trust < 0 || $trust > 1) {
                throw CaseMistake::at("/setup/lent/{$part}", 'A lent part needs its tag, and a trust from 0 to 1 if one is given.');
            }
        }
        foreach ($given['moved'] ?? [] as $stick => $slot) {
            if (in_array($stick, ['card', ...array_column($this->machine->ofKind('drive'), 'id')], true) && isset($this->machine->parts[$stick])) {
                Written::oneOf($stick === 'card' ? 'slot for the card' : 'port for the drive', (string) $slot, [SetUp::OTHER_SLOT], "/setup/moved/{$stick}");

                continue;
            }
            Written::oneOf('stick of this machine', (string) $stick, array_column($this->machine->ofKind('stick'), 'id'), "/setup/moved/{$stick}");
            Written::oneOf('slot of this machine', (string) $slot, array_column($this->machine->ofKind('slot'), 'id'), "/setup/moved/{$stick}");
        }
        foreach (['place' => ['case', 'bench'], 'start_by' => ['button', 'pins'], 'temperature' => ['cold', 'warm'], 'goal' => ['picture', 'system', 'load', 'hours'], 'output' => ['own', 'other']] as $word => $known) {
            if (isset($given[$word])) {
                Written::oneOf($word, (string) $given[$word], $known, "/setup/{$word}");
            }
        }

        $setUp = SetUp::fromArray($given);
        $this->eachSlotOnce($setUp);

        return $setUp;
    }

    private function eachSlotOnce(SetUp $setUp): void
    {
        $taken = [];
        foreach (array_column($this->machine->ofKind('stick'), 'id') as $stick) {
            $slot = $this->machine->slotOf($stick, $setUp);
            if ($slot !== null && isset($taken[$slot])) {
                throw CaseMistake::at('/setup/moved', "{$stick} and {$taken[$slot]} cannot both sit in {$slot}; take one out or move it.");
            }
            if ($slot !== null) {
                $taken[$slot] = $stick;
            }
        }
    }
}
