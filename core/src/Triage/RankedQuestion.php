<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Question;

/** A question that can be asked, with what it is worth now. */
final readonly class RankedQuestion
{
    /**
     * @param  float  $bits what its answer is expected to tell of which part it is
     * @param  float  $worth bits for each minute of the caller's
     * @param  array<string, float>  $expected answer => probability
     */
    public function __construct(public Question $question, public float $bits, public float $worth, public array $expected)
    {
    }
}
