<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;

/** Whether it failed while it was here, with nothing of ours in it: then there was a fault, whatever became of it. */
final class FailedHere
{
    /** @return Start|Finding|null the entry that first showed it, a start, or a trial or reading of a part alone; null where none did */
    public static function first(Record $record, Machine $machine, Catalogue $catalogue): Start|Finding|null
    {
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Start && $entry->setUp->isAtLeast(new SetUp)
                && array_filter(array_keys($entry->outcomes), $catalogue->isFailure(...)) !== []) {
                return $entry;
            }
            if ($entry instanceof Finding && HostTrials::isReadBad($entry, $machine, $catalogue)) {
                return $entry;
            }
            $trial = HostTrials::of($entry, $machine, $catalogue);
            if ($trial !== null && HostTrials::failed($trial, $catalogue)) {
                return $trial;
            }
        }

        return null;
    }
}
