<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** A next step that can be offered: a start under a set-up, an act with a start, or a check. */
final readonly class Step
{
    /**
     * @param  string  $record  "start", "act", "check" or "deed"
     * @param  array<string, string>  $setup  set-up words: lend, out, only, swap-slot, restore, place, start_by, temperature, goal, output
     * @param  list<string>  $on      kinds of part an act is made on
     * @param  ?string  $each    kind of part that makes one step each ("swapped" = every part swapped with a change)
     * @param  bool  $once    only for the first part of the kind
     * @param  bool  $several only when there are several of the kind
     * @param  list<string>  $needs   tools
     * @param  bool  $pins    puts a processor into the socket
     * @param  ?string  $from    stage the last start must have passed for the step to be possible
     * @param  bool  $login   goes beyond the log-in screen
     * @param  bool  $benchSupply a bench supply feeds the board, not the machine's own supply
     * @param  ?string  $whyAgain in place of `why` once the machine was started
     * @param  bool  $unlocks offered only while a lock waits for it
     * @param  ?string  $mootAfter stage: not offered once a start by the button passed it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $record,
        public int $minutes,
        public string $why,
        public array $setup,
        public ?string $act,
        public array $on,
        public ?string $check,
        public ?string $each,
        public bool $once,
        public bool $several,
        public bool $power,
        public bool $opens,
        public bool $pins,
        public array $needs,
        public ?string $caution,
        public ?string $from,
        public bool $login,
        public bool $benchSupply,
        public bool $unlocks,
        public ?string $mootAfter,
        public ?string $whyAgain,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['id'], $row['name'], $row['record'], $row['minutes'], $row['why'], $row['setup'] ?? [],
            $row['act'] ?? null, (array) ($row['on'] ?? []), $row['check'] ?? null, $row['each'] ?? null,
            $row['once'] ?? false, $row['several'] ?? false, $row['power'] ?? true, $row['opens'] ?? true,
            $row['pins'] ?? false, $row['needs'] ?? [], $row['caution'] ?? null, $row['from'] ?? null, $row['login'] ?? false,
            $row['bench_supply'] ?? false, $row['unlocks'] ?? false, $row['moot_after'] ?? null, $row['why_again'] ?? null,
        );
    }
}
