<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Chain\SetUp;

/** A trial: the machine was started under a set-up, and got so far. */
final readonly class Start extends Entry
{
    /**
     * @param  string  $reached outcome: how far it got, as seen
     * @param  array<string, string>  $signs   sign channel => value
     * @param  ?int  $waited  seconds waited before it was called; null = not written down
     * @param  int  $times   starts in a row with this outcome, at least 1
     * @param  ?string  $step    the suggested step it answers
     */
    public function __construct(
        int $number, string $at, string $by, string $text,
        public SetUp $setUp, public string $reached, public array $signs, public ?int $waited, public int $times, public ?string $step,
    ) {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'start';
    }
}
