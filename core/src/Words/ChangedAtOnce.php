<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Deed;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** Where more than one thing was changed between two starts, and the second went otherwise: what can then not be told apart. */
final class ChangedAtOnce
{
    /** One sentence about the last start; null where one thing or none was changed, or it went as before. */
    public static function sentence(Machine $machine, Record $record, Catalogue $catalogue): ?string
    {
        [$before, $last, $deeds, $made] = [null, null, [], []];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Start) {
                [$before, $last] = [$last, $entry];
                $made = $deeds;
                $deeds = [];
            } elseif ($entry instanceof Deed) {
                $deeds[] = $entry;
            }
        }
        if ($before === null || $last === null || $before->reached === $last->reached) {
            return null;
        }
        $words = new EntryWords($machine, $catalogue);
        $changes = [
            ...array_map(fn (string $part): string => $machine->part($part)->inSentence(), $before->setUp->partsChangedTo($last->setUp)),
            ...array_map(fn (Deed $deed): string => $words->deed($deed), $made),
        ];
        if (count($changes) < 2) {
            return null;
        }
        $one = array_pop($changes);

        return 'Changed at once: '.implode(', ', $changes)." and {$one}. Which of them made the difference cannot be told; set one of them back, and start again.";
    }
}
