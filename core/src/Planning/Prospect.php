<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Diagnosis\Belief;

/** One thing a step may show, with the share of belief that goes with it. */
final readonly class Prospect
{
    /**
     * @param  array{result: string, signs: array<string, string>, words: string}  $outcome
     * @param  array<int, float>  $weights state of the belief => its share of the outcome
     * @param  Belief  $belief  belief once the machine was moved for the step
     */
    public function __construct(public array $outcome, public float $probability, public array $weights, public Belief $belief)
    {
    }
}
