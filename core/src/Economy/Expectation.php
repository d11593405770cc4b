<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

/** What is expected of a way on, by what is believed now: what it costs until the job ends, and whether it puts things right. */
final readonly class Expectation
{
    /**
     * @param  int  $outlay minor units it costs if it is tried: parts, minutes, waiting
     * @param  int  $cost minor units it is expected to cost owner and shop until it ends, failures and comebacks counted
     * @param  array{int, int}  $range from and to of that, most courses within it
     * @param  float  $cures chance that the machine is right after it, 0 to 1
     * @param  float  $other chance that it puts right what it is about, and something else is still wrong, 0 to 1
     */
    public function __construct(public int $outlay, public int $cost, public array $range, public float $cures, public float $other = 0.0)
    {
    }
}
