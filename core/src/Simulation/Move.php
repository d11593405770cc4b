<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\Repair;
use Orthoscope\Core\SetUp\SetUp;

/** What a policy does next: a step, a start, a repair of a part, or an end. */
final readonly class Move
{
    /** @param  ?string  $end "finished", "handed-on" or "given-up" */
    private function __construct(
        public ?Candidate $step,
        public ?SetUp $startsAgain,
        public ?string $act,
        public ?string $part,
        public ?string $end,
    ) {
    }

    /** One more start of the machine as it came, to prove; plain, or at work. */
    public static function startAgain(SetUp $setUp = new SetUp): self
    {
        return new self(null, $setUp, null, null, null);
    }

    public static function step(Candidate $candidate): self
    {
        return new self($candidate, null, null, null, null);
    }

    public static function repair(string $act, string $part): self
    {
        return $act === Repair::HAND_ON ? self::end('handed-on') : new self(null, null, $act, $part, null);
    }

    public static function end(string $how): self
    {
        return new self(null, null, null, null, $how);
    }
}
