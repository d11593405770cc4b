<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

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
     * @param  ?string  $madeOf   the kind it is all of: to replace it is to replace them
     * @param  ?string  $serves   the kind it is used with; unused while none of that kind is in
     * @param  bool  $ownOnly  a lent part of the served kind does not use it
     * @param  int  $price    typical price of a new one, minor units of money; 0 = not sold alone
     * @param  list<string>  $also what people of the trade call it, and its abbreviations
     * @param  int  $markup  per cent that the shop adds to what it pays
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
        public array $also = [],
        public int $markup = 0,
        public ?string $madeOf = null,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        $stage = $row->text('stage');
        $name = $row->text('name');

        return new self(
            id: $row->text('id'),
            name: $name,
            plain: $row->text('plain'),
            stage: $stage,
            link: $row->flag('link'),
            many: $row->flag('many'),
            lendable: $row->flag('lendable'),
            stops: $row->textOrNull('stops'),
            carrier: $row->textOrNull('carrier'),
            serves: $row->textOrNull('serves'),
            ownOnly: $row->flag('own_only'),
            price: $row->whole('price'),
            disturbs: $row->texts('disturbs'),
            at: $row->text('at', $stage),
            short: $row->text('short', $name),
            exposed: $row->flag('exposed', true),
            shownByStart: $row->flag('shown_by_start', true),
            shelfOnly: $row->flag('shelf_only'),
            also: $row->texts('also', []),
            markup: $row->whole('markup', 0),
            madeOf: $row->textOrNull('made_of'),
        );
    }

    /** What an owner pays before tax for one that the shop pays so much for; half a minor unit goes up. */
    public function sold(int $paid): int
    {
        return intdiv($paid * (100 + $this->markup) + 50, 100);
    }

    /** With what people of the trade call it: "Supply (PSU)", "Board (motherboard)". */
    public function known(): string
    {
        return $this->also === [] ? $this->name : "{$this->name} ({$this->also[0]})";
    }

    /** Whether people of the trade call it so, in full or shortened; upper or lower case. */
    public function isCalled(string $typed): bool
    {
        $typed = mb_strtolower(trim($typed));
        $names = array_map(mb_strtolower(...), [$this->name, $this->short, ...$this->also]);

        return in_array($typed, $names, true) || in_array(preg_replace('/s$/', '', $typed), $names, true);
    }
}
