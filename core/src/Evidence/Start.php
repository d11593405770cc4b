<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\SetUp\SetUp;

/** A trial: the machine was started under a set-up, once or several times, and got so far. */
final readonly class Start extends Entry
{
    /** How a start can end. */
    public const ENDS = ['held' => 'held', 'hung' => 'hung', 'dropped' => 'went off', 'cycled' => 'went on and off again and again'];

    /** Starts in a row, of whatever outcome. */
    public int $times;

    /**
     * @param  string  $reached outcome: how far it got, as seen; of several outcomes, the one that got least far
     * @param  array<string, string>  $signs   sign channel => value, seen with that outcome
     * @param  ?int  $waited  seconds waited before it was called; null = not written down
     * @param  array<string, int>  $outcomes outcome => starts that ended so, the least far first
     * @param  ?string  $step    the suggested step it answers
     * @param  array<string, string>  $codes  kind of code => the code as shown: display => "5F", beeps => "lss"
     * @param  array<string, float>  $reliability sign channel => share of times its value means what it says, where it is less than a
     *     plain look; over 0 to 1
     * @param  ?string  $ended  how it ended: one of ENDS; null = not written down
     * @param  ?float  $degrees temperature of the machine or the warmed area when it was started, in °C; null = not measured
     */
    public function __construct(
        Head $head,
        public SetUp $setUp,
        public string $reached,
        public array $signs,
        public ?int $waited,
        public array $outcomes,
        public ?string $step,
        public array $codes = [],
        public array $reliability = [],
        public ?string $ended = null,
        public ?float $degrees = null,
    ) {
        parent::__construct($head);
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
