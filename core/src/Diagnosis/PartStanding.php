<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Chain\Part;

/** Where a part stands, how likely it is or was at fault, and which entries made it so. */
final readonly class PartStanding
{
    /**
     * @param  float  $probability that it is or was at fault, from 0 to 1
     * @param  float  $stated      as it is said, 0 to 1: a suspect on indirect evidence alone is believed more surely than it turns out
     * @param  float  $now         that it is at fault now
     * @param  list<Because>  $because
     * @param  string  $state       "own", "out", "lent TAG" or "in SLOT", at the last start
     * @param  ?string  $fitted      tag of the new part that took its place for good
     * @param  bool  $confirmed   that it is or was at fault is more than likely: it was put back and the trouble came back, or the
     *     fault was seen or measured
     * @param  string  $under       the condition it was proved under, in words, where only that one counts
     * @param  ?self  $replaced    where the old part stands that the new one took the place of
     */
    public function __construct(
        public Part $part,
        public Standing $standing,
        public float $probability,
        public float $stated,
        public float $now,
        public array $because,
        public string $state,
        public ?string $fitted,
        public ?self $replaced = null,
        public string $under = '',
        public bool $confirmed = false,
    ) {
    }

    /** A chance that is part of its own, such as that of one of its faults, as it is said beside what is said of it: 0 to 1. */
    public function share(float $probability): float
    {
        return $this->probability > 0.0 ? ($probability * $this->stated) / $this->probability : $probability;
    }

    /** Where it stands, in words, with the condition that was proved under where only one counts. */
    public function words(): string
    {
        return $this->standing->words().($this->under === '' ? '' : ", {$this->under}");
    }
}
