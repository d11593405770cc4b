<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Chain\SetUp;

/** A trial: the machine was started under a set-up, once or several times, and got so far. */
final readonly class Start extends Entry
{
    /** Starts in a row, of whatever outcome. */
    public int $times;

    /**
     * @param  string  $reached outcome: how far it got, as seen; of several outcomes, the one that got least far
     * @param  array<string, string>  $signs   sign channel => value, seen with that outcome
     * @param  ?int  $waited  seconds waited before it was called; null = not written down
     * @param  array<string, int>  $outcomes outcome => starts that ended so, the least far first
     * @param  ?string  $step    the suggested step it answers
     */
    public function __construct(
        int $number, string $at, string $by, string $text,
        public SetUp $setUp, public string $reached, public array $signs, public ?int $waited, public array $outcomes, public ?string $step,
    ) {
        parent::__construct($number, $at, $by, $text);
        $this->times = array_sum($outcomes);
    }

    /** The outcome that got furthest. */
    public function best(): string
    {
        return (string) array_key_last($this->outcomes);
    }

    public function kind(): string
    {
        return 'start';
    }
}
