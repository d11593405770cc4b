<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Part;

/** One fault of one part, how likely it is or was there, and how likely it is there now. */
final readonly class FaultBelief
{
    /** @param  ?string  $spare tag of the spare at fault, instead of the machine's own part */
    public function __construct(
        public Fault $fault,
        public Part $part,
        public float $probability,
        public float $now,
        public ?string $spare,
    ) {
    }

    public function name(): string
    {
        return $this->spare === null ? "{$this->part->name}: {$this->fault->name}" : Mode::outsider($this->spare).' bad';
    }
}
