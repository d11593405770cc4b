<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

/** Something the owner can be asked at the counter. */
final readonly class CounterQuestion
{
    /**
     * @param  string  $field   what it is about: "reached", "often", "only", "events", or a sign channel
     * @param  float  $bits    what it is expected to tell of which part it is
     * @param  array<string, float>  $answers answer => its share of those bits, that tells most first
     * @param  ?string  $heard   the answer that the owner's words may mean
     * @param  list<string>  $happened where several answers may be true: those that the words may mean
     * @param  bool  $isTold  it was answered: it can be changed, and is no question any more
     */
    public function __construct(
        public string $field,
        public float $bits,
        public array $answers,
        public ?string $heard = null,
        public array $happened = [],
        public bool $isTold = false,
    ) {
    }

    public function isWorthAsking(): bool
    {
        return $this->isTold || $this->isHeard() || $this->bits >= QuestionPlanner::LEAST_BITS;
    }

    public function isHeard(): bool
    {
        return $this->heard !== null || $this->happened !== [];
    }
}
