<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;

/**
 * What was found and then seen to. The same look tells anew whether it was put right, and what is found again after an act is a reason to
 * do the act again; without either, neither is a step twice.
 */
final readonly class FoundThenMended
{
    public function __construct(private Record $record, private Machine $machine, private Catalogue $catalogue)
    {
    }

    /** Whether something was done since about what was found. */
    public function isMendedSince(Finding $found): bool
    {
        foreach ($this->record->all(ActDone::class) as $act) {
            if ($act->number > $found->number && ! $act->begun && $this->isAbout($act, $found)) {
                return true;
            }
        }

        return false;
    }

    /** Whether what an act puts right was found again after it. */
    public function isFoundSince(ActDone $act): bool
    {
        foreach ($this->record->all(Finding::class) as $found) {
            if ($found->number > $act->number && $this->isAbout($act, $found)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an act puts right what a look found, at a part that it was done to. */
    private function isAbout(ActDone $act, Finding $found): bool
    {
        $kinds = array_map(fn (string $part): string => $this->machine->part($part)->kind->id, $act->on);
        $target = $found->target === null ? null : $this->machine->part($found->target);
        foreach (array_keys($this->catalogue->check($found->check)->result($found->result)->shows) as $id) {
            $fault = $this->catalogue->fault($id);
            $isThatOne = $target?->kind->id !== $fault->part || in_array($target->id, $act->on, true);
            if ($isThatOne && isset($fault->cures[$act->act]) && in_array($fault->part, $kinds, true)) {
                return true;
            }
        }

        return false;
    }
}
