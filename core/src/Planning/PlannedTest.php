<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** The test that the plan counts on before a part is bought: what tells of it by itself, in a good machine, measured, or swapped. */
final readonly class PlannedTest
{
    /**
     * @param  int  $minutes of it and of what ends its locks
     * @param  ?Candidate  $key what ends the first of its locks; null where nothing locks it
     */
    public function __construct(public int $minutes, public Candidate $test, public ?Candidate $key)
    {
    }

    /** What is to be done now: what ends its lock, or else the test. */
    public function begins(): Candidate
    {
        return $this->key ?? $this->test;
    }
}
