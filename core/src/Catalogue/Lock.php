<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** An interlock: what raises it, what clears it, and what it keeps from being done. */
final readonly class Lock
{
    /**
     * @param  string  $blocks  "power", "own-supply" (what puts mains on its own supply in a machine), "supply" (the same and the tester), "lend" (a spare dearer than a supply test), "pins" (a processor into the socket), "login" (beyond the log-in screen) or "all"
     * @param  list<string>  $raised  "always", "mark:ID", "CHECK:RESULT", "act:ACT", "act:ACT:KIND" or "begun:ACT"
     * @param  list<string>  $cleared the same words, or "start:STAGE" for a start that passed that stage
     * @param  ?int  $hours   it ends by itself this long after it was raised
     * @param  array<string, int>  $hoursAfter what an act was done with => hours instead
     */
    public function __construct(
        public string $id,
        public string $blocks,
        public string $name,
        public string $sentence,
        public string $unlock,
        public array $raised,
        public array $cleared,
        public ?string $notWhenLent,
        public ?int $hours,
        public array $hoursAfter,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self($row['id'], $row['blocks'], $row['name'], $row['sentence'], $row['unlock'], $row['raised'], $row['cleared'], $row['not_when_lent'] ?? null, $row['hours'] ?? null, $row['hours_after'] ?? []);
    }
}
