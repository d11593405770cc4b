<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

/** What a step of a paper tree may show, and where one goes on from there. */
final readonly class Branch
{
    /**
     * @param  string  $result as an outcome has it
     * @param  array<string, string>  $signs that come with it
     * @param  float  $chance 0 to 1, of this among what the step may show
     */
    public function __construct(public string $result, public array $signs, public string $words, public float $chance, public Twig $then)
    {
    }
}
