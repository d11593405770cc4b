<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\Repair;

/** What a policy does next: a step, a start, a repair of a part, or an end. */
final readonly class Move
{
    /** @param  ?string  $end "finished", "handed-on" or "given-up" */
    private function __construct(
        public ?Candidate $step,
        public bool $startsAgain,
        public ?string $act,
        public ?string $part,
        public ?string $end,
    ) {
    }

    /** One more start as it came, to prove. */
    public static function startAgain(): self
    {
        return new self(null, true, null, null, null);
    }

    public static function step(Candidate $candidate): self
    {
        return new self($candidate, false, null, null, null);
    }

    public static function repair(string $act, string $part): self
    {
        return $act === Repair::HAND_ON ? self::end('handed-on') : new self(null, false, $act, $part, null);
    }

    public static function end(string $how): self
    {
        return new self(null, false, null, null, $how);
    }
}
