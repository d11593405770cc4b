<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

/** What is set up beside the faults of a hidden machine: spares that are bad, what its owner tells, what is looked at in a start. */
final readonly class Staged
{
    /** Signs that anybody sees or hears at once. */
    public const AT_ONCE = ['lamp', 'beeps', 'code', 'fans'];

    /** Signs that somebody sees who looks at everything. */
    public const ALL = ['standby', 'power-lamp', ...self::AT_ONCE, 'keys', 'image', 'lost', 'drop'];

    /** Shares of signs under this are slips of whoever looks, where nobody slips. Origin: judgement. */
    public const SLIP = 0.12;

    /**
     * @param  list<string>  $badSpares parts for which the spare off the shelf is itself bad
     * @param  ?string  $told how far it gets as its owner tells it; null = what a start at the owner's place shows
     * @param  list<string>  $marks  made at arrival; "liquid" is wet until it is dried
     * @param  list<string>  $signs  channels of signs that are looked at in every start
     * @param  bool  $noSlips nobody misreads a start, a sign or a look; what is there may still be missed
     */
    public function __construct(
        public array $badSpares = [],
        public ?string $told = null,
        public array $signs = self::AT_ONCE,
        public array $marks = [],
        public bool $noSlips = false,
    ) {
    }
}
