<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Place;
use Orthoscope\Core\Chain\SetUp;
use Orthoscope\Core\Chain\StartBy;
use Orthoscope\Core\Chain\Temperature;

/**
 * One way one part can be at fault: which start stage it stops and how often. What persists (the way a part died, the
 * rate at which it fails) is drawn once, so each is a mode of its own.
 */
final readonly class Mode
{
    /**
     * @param  string  $part  the part at fault
     * @param  int  $stop  index of the stage it keeps a start from reaching
     * @param  array<string, float>  $hazard share of starts it stops: "hazard", or by condition "cold"/"warm", "case"/"bench", "button"/"pins"
     * @param  ?string  $spare tag of the spare or new part at fault, instead of the machine's own part
     */
    public function __construct(
        public Fault $fault,
        public string $part,
        public int $stop,
        public array $hazard,
        public ?string $spare = null,
    ) {
    }

    /** Share of starts under a set-up that this mode stops, if the part at fault is in. */
    public function hazardUnder(SetUp $setUp): float
    {
        if (isset($this->hazard['hazard'])) {
            return $this->hazard['hazard'];
        }
        if (isset($this->hazard['case'])) {
            return $this->hazard[$setUp->place === Place::InCase ? 'case' : 'bench'];
        }
        if (isset($this->hazard['button'])) {
            return $this->hazard[$setUp->startBy === StartBy::Button ? 'button' : 'pins'];
        }

        return match ($setUp->temperature) {
            Temperature::Cold => $this->hazard['cold'],
            Temperature::Warm => $this->hazard['warm'],
            null => ($this->hazard['cold'] + $this->hazard['warm']) / 2,
        };
    }
}
