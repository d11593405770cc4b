<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

/** How one played job went. */
final readonly class Result
{
    /**
     * @param  list<array{string, string}>  $causes fault and part
     * @param  string  $end     "finished", "handed-on" or "given-up"
     * @param  bool  $sound   nothing is wrong with it at the end
     * @param  list<string>  $wrongParts parts replaced that were not at fault
     * @param  list<string>  $wrongly  parts condemned that were not at fault
     * @param  float  $minutes bench minutes
     * @param  list<array{float, bool, string}>  $stated probability stated of a part, whether it was at fault, and the part
     * @param  float  $bound   bench minutes of someone who knows what is wrong: the repairs, and one start to see
     * @param  list<int>  $misread numbers of the entries that are written down otherwise than it was
     * @param  list<int>  $named   those that were said to be probably wrong, at some time
     * @param  list<string>  $provedWrongly parts said to work while they alone were at fault; known where one part was
     * @param  bool  $saidNotToFit it was said at some time that the entries do not fit together
     * @param  list<array<string, mixed>>  $written the record, as entries are written in a case file
     */
    public function __construct(
        public string $policy,
        public array $causes,
        public string $end,
        public bool $sound,
        public array $wrongParts,
        public array $wrongly,
        public float $minutes,
        public int $lent,
        public int $harmed,
        public int $entries,
        public array $stated,
        public float $bound,
        public int $comebacks,
        public array $misread = [],
        public array $named = [],
        public array $provedWrongly = [],
        public bool $saidNotToFit = false,
        public array $written = [],
    ) {
    }

    /** The machine was handed back sound the first time, and nothing that was good was replaced. */
    public function isRight(): bool
    {
        return $this->end === 'finished' && $this->sound && $this->wrongParts === [] && $this->comebacks === 0;
    }
}
