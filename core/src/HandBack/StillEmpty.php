<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Brought;
use Orthoscope\Core\Evidence\Record;

/** What a part fitted here has brought with it, nobody has put right since, and explains how the machine now fails. */
final class StillEmpty
{
    /** @param  list<string>  $failed outcomes of the start that shows how the machine stands now; empty where none failed */
    public static function of(Record $record, array $failed, Machine $machine, Catalogue $catalogue): ?Fault
    {
        foreach ($failed === [] ? [] : $catalogue->faults as $fault) {
            if (Brought::isLeft($fault, $record, $machine) && array_diff($failed, self::shownBy($fault, $catalogue)) === []) {
                return $fault;
            }
        }

        return null;
    }

    /** @return list<string> outcomes of a start that it stops */
    private static function shownBy(Fault $fault, Catalogue $catalogue): array
    {
        return array_map(fn (array $way): string => $catalogue->reachAt($catalogue->stageIndex($way['stops']))->id, $fault->ways);
    }
}
