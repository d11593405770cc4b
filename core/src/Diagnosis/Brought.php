<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;

/** What another part, fitted here for good, brings with it, such as nothing on a new drive: no fault that the machine came in with. */
final class Brought
{
    /** Whether a part that may bring this was fitted. */
    public static function is(Fault $fault, Record $record, Machine $machine): bool
    {
        return array_filter($record->all(ActDone::class), fn (ActDone $act): bool => self::brings($act, $fault, $machine)) !== [];
    }

    /** Whether one was fitted, and nothing that puts it right done since. */
    public static function isLeft(Fault $fault, Record $record, Machine $machine): bool
    {
        $isLeft = false;
        foreach ($record->all(ActDone::class) as $act) {
            $isLeft = match (true) {
                self::brings($act, $fault, $machine) => true,
                isset($fault->cures[$act->act]) && ! $act->begun => false,
                default => $isLeft,
            };
        }

        return $isLeft;
    }

    /**
     * Chance that a fault came with what was fitted. Of two drives either may have held the system: then it is no likelier than not.
     *
     * @param  list<string>  $fitted parts of the machine in whose place something stands now
     */
    public static function chance(Fault $fault, array $fitted, Machine $machine): float
    {
        $chance = 0.0;
        foreach ($fault->comesWith as $kind => $with) {
            $all = array_column($machine->ofKind($kind), 'id');
            $new = array_intersect($all, $fitted);
            $chance = max($chance, $new === [] ? 0.0 : ($with * count($new)) / count($all));
        }

        return $chance;
    }

    private static function brings(ActDone $act, Fault $fault, Machine $machine): bool
    {
        return ! $act->begun && $act->with !== null && self::chance($fault, $act->on, $machine) > 0.5;
    }
}
