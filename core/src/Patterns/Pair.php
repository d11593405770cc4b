<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

/** A value of an attribute and an outcome, and the jobs that had both. */
final readonly class Pair
{
    /**
     * @param  int  $of how many jobs have the value
     * @param  non-empty-list<Seen>  $jobs that have the value and came out so
     */
    public function __construct(
        public string $attribute,
        public string $value,
        public string $outcome,
        public int $of,
        public array $jobs,
    ) {
    }

    public function id(): string
    {
        return "{$this->attribute}:{$this->value}:{$this->outcome}";
    }

    public function times(): int
    {
        return count($this->jobs);
    }
}
