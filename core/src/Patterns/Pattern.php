<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

use Orthoscope\Core\Statistics\ShrunkenRate;

/** Something that comes more often with one value of an attribute than with the others. */
final readonly class Pattern
{
    /**
     * @param  int  $with   jobs with the value and the outcome
     * @param  int  $of     jobs with the value
     * @param  int  $elsewhere jobs of other values with the outcome
     * @param  int  $others jobs of other values
     * @param  float  $chance that so many come together by luck
     * @param  float  $falseShare share of false finds among all that surprise as much, corrected for looking at many
     * @param  list<string>  $jobs   those with both
     * @param  ?int  $days days back that were looked at; null where all were
     */
    public function __construct(
        public string $attribute,
        public string $value,
        public string $outcome,
        public int $with,
        public int $of,
        public int $elsewhere,
        public int $others,
        public ShrunkenRate $rate,
        public float $chance,
        public float $falseShare,
        public array $jobs,
        public ?int $days = null,
    ) {
    }

    public function id(): string
    {
        return "{$this->attribute}:{$this->value}:{$this->outcome}";
    }
}
