<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** A kind of part or link that a desktop has. */
final readonly class PartKind
{
    /**
     * @param  string  $stage    what a start must pass to have used it
     * @param  string  $at       the stage it hangs from on the chain
     * @param  string  $short    its name in tight drawings
     * @param  bool  $exposed a bad supply or board can harm it when it is lent
     * @param  bool  $shelfOnly it stands on the shelf and is no part of a machine
     * @param  bool  $shownByStart a start that got past it shows that it works; a coin cell may be flat and the machine start
     * @param  ?string  $stops    the stage out of reach while no part of this kind is in
     * @param  ?string  $carrier  the kind it belongs to and is replaced with
     * @param  ?string  $serves   the kind it is used with; unused while none of that kind is in
     * @param  bool  $ownOnly  a lent part of the served kind does not use it
     * @param  int  $price    typical price of a new one, minor units of money; 0 = not sold alone
     * @param  list<string>  $disturbs kinds moved whenever this one is taken out or put in
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
        public string $stage,
        public bool $link,
        public bool $many,
        public bool $lendable,
        public ?string $stops,
        public ?string $carrier,
        public ?string $serves,
        public bool $ownOnly,
        public int $price,
        public array $disturbs,
        public string $at,
        public string $short,
        public bool $exposed,
        public bool $shownByStart,
        public bool $shelfOnly,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['id'], $row['name'], $row['plain'], $row['stage'],
            $row['link'] ?? false, $row['many'] ?? false, $row['lendable'] ?? false,
            $row['stops'] ?? null, $row['carrier'] ?? null, $row['serves'] ?? null, $row['own_only'] ?? false,
            $row['price'], $row['disturbs'],
            $row['at'] ?? $row['stage'], $row['short'] ?? $row['name'], $row['exposed'] ?? true,
            $row['shown_by_start'] ?? true, $row['shelf_only'] ?? false,
        );
    }
}
