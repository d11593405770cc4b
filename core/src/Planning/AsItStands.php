<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\SetUp\SetUp;

/** The machine as its last start left it: what stands changed already is not changed again for a further start. */
final readonly class AsItStands
{
    public function __construct(private Catalogue $catalogue, private Record $record, private Grounds $grounds)
    {
    }

    /** Minutes of a step that changes parts for a start, where they stand changed so since the last one; 0 where they do not. */
    public function spared(Step $step, SetUp $setUp): int
    {
        $last = $this->record->lastStart();
        $standsSo = $step->record === 'start'
            && ! $step->setUp->changesNoPart()
            && $last !== null
            && ! $last->setUp->changesNoPart()
            && $last->setUp->isPutTogetherAs($setUp)
            && max([0, ...array_column($this->record->all(ActDone::class), 'number')]) < $last->number;

        return $standsSo ? max(0, $step->minutes - $this->catalogue->steps['start']->minutes) : 0;
    }

    /** It comes and goes, and got further with something changed: one start that goes well says little of that. */
    public function gotFurther(): bool
    {
        $last = $this->record->lastStart();

        return $last !== null
            && $this->grounds->comesAndGoes
            && ! $this->catalogue->isFailure($last->reached)
            && $this->grounds->unconfirmedSwaps($this->record) !== [];
    }
}
