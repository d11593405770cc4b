<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** A step weighed on some belief. */
final readonly class Weighed
{
    /** Minutes below which what a step saves is noise. Origin: judgement. */
    private const NOISE = 1.0;

    /**
     * @param  list<ActiveLock>  $lockedBy
     * @param  float  $after     expected minutes still to go once it is done
     * @param  list<Prospect>  $prospects
     * @param  int  $risk      minor units of money that may be lost
     * @param  float  $saves     expected minutes it takes off the total
     * @param  float  $bits      what it is expected to tell
     * @param  ?Opening  $opening what it lets be done, where that is worth more than what it tells
     */
    public function __construct(
        public Candidate $candidate,
        public array $lockedBy,
        public float $after,
        public array $prospects,
        public int $risk,
        public float $saves,
        public float $bits,
        public ?Opening $opening = null,
    ) {
    }

    /** It with what it lets be done, where that takes more off the total than it does by itself. */
    public function opening(Opening $opening): self
    {
        return $opening->saves() <= $this->saves
            ? $this
            : new self(
                $this->candidate,
                $this->lockedBy,
                $this->after,
                $this->prospects,
                $this->risk,
                $opening->saves(),
                $opening->opened->bits,
                $opening,
            );
    }

    /** Minutes until it has told what it is taken for. */
    public function minutes(): int
    {
        return $this->opening?->minutes() ?? $this->candidate->minutes();
    }

    public function isOpen(): bool
    {
        return $this->lockedBy === [] && ! $this->candidate->lacksSpare;
    }

    /** What it saves, its own cost aside, for each of its minutes; in steps of a tenth, for less is noise. */
    public function savesPerMinute(): float
    {
        return $this->savesTime() ? round(10.0 * ($this->saves + $this->minutes()) / $this->minutes()) / 10.0 : 0.0;
    }

    /** Bits it is expected to tell for each of its minutes. */
    public function tellsPerMinute(): float
    {
        return $this->bits / $this->minutes();
    }

    /** Whether it saves more than noise: what it takes and saves is known to no more than a minute or two. */
    public function savesTime(): bool
    {
        return $this->saves >= self::NOISE;
    }
}
