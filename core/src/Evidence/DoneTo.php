<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\SetUp\SetUp;

/**
 * What an act was done to, whatever part was named: who presses a stick home works on its slot, who clears the settings of a board works on
 * the settings. An act on a part that it can do nothing to would count as nothing done.
 */
final readonly class DoneTo
{
    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
    }

    /** @return list<string> the parts; the one that was named where nothing else is meant, or the machine has none of it */
    public function parts(Act $act, string $named): array
    {
        if (! $this->machine->has($named)) {
            return [$named];
        }
        $kind = $this->machine->part($named)->kind->id;
        $meant = $act->meant[$kind] ?? ($this->canHelp($act->id, $kind) ? [] : $act->meant['any'] ?? []);
        $parts = array_merge(...array_map(fn (string $of): array => $this->ofKind($of, $named), $meant));

        return $parts === [] ? [$named] : $parts;
    }

    /** @return list<string> the machine's parts that it is done to with use; none where it ends no fault of any */
    public function useful(Act $act): array
    {
        $kinds = $act->meant;
        foreach ($this->catalogue->faults as $fault) {
            $kinds += isset($fault->cures[$act->id]) ? [$fault->part => true] : [];
            $kinds += $fault->with !== null && isset($fault->withCures[$act->id]) ? [$fault->with => true] : [];
        }

        return array_column(array_filter($this->machine->parts, fn (Part $part): bool => isset($kinds[$part->kind->id])), 'id');
    }

    /** @return list<string> a stick sits in one slot; of other kinds all there are */
    private function ofKind(string $kind, string $named): array
    {
        $isSame = $this->machine->part($named)->kind->id === $kind;
        $slot = $kind === 'slot' ? $this->machine->slotOf($named, new SetUp) : null;

        return match (true) {
            $isSame => [$named],
            $slot !== null => [$slot],
            default => array_column($this->machine->ofKind($kind), 'id'),
        };
    }

    private function canHelp(string $act, string $kind): bool
    {
        $cures = fn (Fault $fault): bool => ($fault->part === $kind && isset($fault->cures[$act]))
            || ($fault->with === $kind && isset($fault->withCures[$act]));

        return array_filter($this->catalogue->faults, $cures) !== [];
    }
}
