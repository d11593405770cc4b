<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** A step that can be taken next, what it is worth and what it may show. */
final readonly class NextStep
{
    /**
     * @param  float  $saves       expected bench minutes saved against repairing by likelihood at once; may be negative
     * @param  float  $after       expected bench minutes still to go once it is done
     * @param  int  $moneyAtRisk minor units of money times the chance to lose them, rounded
     * @param  float  $bits        what it is expected to tell, in bits
     * @param  list<Outcome>  $outcomes    likeliest first
     * @param  list<ActiveLock>  $lockedBy
     * @param  ?Opening  $opening what it lets be done, where it is taken for that
     */
    public function __construct(
        public Candidate $candidate,
        public int $minutes,
        public string $why,
        public float $saves,
        public float $after,
        public int $moneyAtRisk,
        public float $bits,
        public array $outcomes,
        public array $lockedBy,
        public ?Opening $opening = null,
    ) {
    }

    public function isOpen(): bool
    {
        return $this->lockedBy === [] && ! $this->candidate->lacksSpare;
    }
}
