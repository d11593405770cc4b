<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/** How a job ends, as far as its record says; an outcome of a closing. What is written off, or goodwill, people say. */
final class Ending
{
    /** @param  bool  $locked it goes back with power or its supply locked: then nothing was put right, whatever was done */
    public static function of(Record $record, Catalogue $catalogue, bool $locked = false): string
    {
        $starts = $record->all(Start::class);
        $last = $record->lastStart();
        $well = array_map(fn (Start $start): bool => $catalogue->reach($start->reached)->firstStop === $catalogue->stageCount(), $starts);
        $isDone = static fn (ActDone $act): bool => $act->isWork($catalogue);
        $now = StateNow::of($record, $catalogue);

        return match (true) {
            // Whatever was done: what failed at last, or was not started since, nobody has seen repaired.
            $locked || $now->fails => 'unrepaired',
            array_filter($record->all(ActDone::class), $isDone) !== [] => $now->runs() ? 'repaired' : 'unrepaired',
            $starts !== [] && ! in_array(false, $well, true) => 'no-fault-found',
            // It failed and does not any more: moving a part for a test has put it right.
            $last !== null && end($well) && $last->setUp->isAtLeast(new SetUp) && $last->setUp->place !== Place::Bench => 'repaired',
            default => 'unrepaired',
        };
    }
}
