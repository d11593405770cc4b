<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/** How a job ends, as far as its record says; an outcome of a closing. What is written off, or goodwill, people say. */
final class Ending
{
    /** @param  bool  $locked it goes back with power or its supply locked: then nothing was put right, whatever was done */
    public static function of(Record $record, Machine $machine, Catalogue $catalogue, bool $locked = false): string
    {
        $well = self::well($record, $machine, $catalogue);
        $isDone = static fn (ActDone $act): bool => $act->isWork($catalogue);
        $now = StateNow::of($record, $machine, $catalogue);

        return match (true) {
            // Whatever was done: what failed at last, or was not started since, nobody has seen repaired.
            $locked || $now->fails => 'unrepaired',
            array_filter($record->all(ActDone::class), $isDone) !== [] => $now->runs() ? 'repaired' : 'unrepaired',
            $well !== [] && ! in_array(false, $well, true) => 'no-fault-found',
            // It failed and does not any more: moving a part for a test has put it right.
            end($well) && self::wasWhole($record->lastStart()) => 'repaired',
            default => 'unrepaired',
        };
    }

    /** @return list<bool> each start, and each trial and bad reading of a part that came alone: whether it went well */
    private static function well(Record $record, Machine $machine, Catalogue $catalogue): array
    {
        $well = [];
        foreach ($record->inForce as $entry) {
            $trial = HostTrials::of($entry, $machine, $catalogue);
            $well[] = match (true) {
                $entry instanceof Start => $catalogue->reach($entry->reached)->firstStop === $catalogue->stageCount(),
                $trial !== null => ! HostTrials::failed($trial, $catalogue),
                HostTrials::isReadBad($entry, $machine, $catalogue) => false,
                default => null,
            };
        }

        return array_values(array_filter($well, is_bool(...)));
    }

    /** With its own parts in, in its case. */
    private static function wasWhole(?Start $last): bool
    {
        return $last !== null && $last->setUp->isAtLeast(new SetUp) && $last->setUp->place !== Place::Bench;
    }
}
