<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Chain\Part;

/** Where a part stands, how likely it is or was at fault, and which entries made it so. */
final readonly class PartStanding
{
    private const OVERSTATED_FROM = 0.6;

    private const OF_WHAT_IS_OVER = 0.65;

    /**
     * @param  float  $probability that it is or was at fault, from 0 to 1
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
        public float $now,
        public array $because,
        public string $state,
        public ?string $fitted,
        public ?self $replaced = null,
        public string $under = '',
        public bool $confirmed = false,
    ) {
    }

    /**
     * How likely it is said to be at fault, 0 to 1: what rests on indirect evidence alone was overstated in worlds that share nothing with
     * the catalogue, and the more so the surer it was. What was swapped, seen or measured is said as it is believed. Origin: fitted by jobs
     * on simulated machines of seeds of their own, docs/DECISIONS.md (suspects believed to 0.8 and more were at fault in two of three).
     */
    public function stated(): float
    {
        return $this->standing === Standing::Suspect && $this->probability > self::OVERSTATED_FROM
            ? self::OVERSTATED_FROM + self::OF_WHAT_IS_OVER * ($this->probability - self::OVERSTATED_FROM)
            : $this->probability;
    }

    /** Where it stands, in words, with the condition that was proved under where only one counts. */
    public function words(): string
    {
        return $this->standing->words().($this->under === '' ? '' : ", {$this->under}");
    }
}
