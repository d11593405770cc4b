<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;

/** Trials, in good machines of the shop's, of a part that came without its machine: what a start shows of a machine they show of it. */
final class HostTrials
{
    /** @return list<Finding> none of a machine: that a part of it works elsewhere says nothing of how the whole runs */
    public static function in(Record $record, Machine $machine, Catalogue $catalogue): array
    {
        $trials = array_map(fn (Entry $entry): ?Finding => self::of($entry, $machine, $catalogue), $record->inForce);

        return array_values(array_filter($trials));
    }

    /** The entry, if it is one. */
    public static function of(Entry $entry, Machine $machine, Catalogue $catalogue): ?Finding
    {
        if ($machine->alone === null || ! $entry instanceof Finding) {
            return null;
        }
        $check = $catalogue->check($entry->check);

        return $check->host && $check->target === $machine->alone ? $entry : null;
    }

    /** A reading of what came alone that found something: it failed here, though it was no trial of the whole. */
    public static function isReadBad(Entry $entry, Machine $machine, Catalogue $catalogue): bool
    {
        if ($machine->alone === null || ! $entry instanceof Finding) {
            return false;
        }
        $check = $catalogue->check($entry->check);

        return $check->at === $machine->alone && $check->readsBad($entry->result);
    }

    public static function failed(Finding $trial, Catalogue $catalogue): bool
    {
        return $catalogue->check($trial->check)->result($trial->result)->findsSomething();
    }
}
