<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Plain\Row;

/** Board, processor and memory bought as one. */
final readonly class Platform
{
    /**
     * @param  list<string>  $parts kinds of part that move together
     * @param  float  $price share of what they cost one by one
     * @param  float  $old what parts of an old platform cost, as a multiple
     * @param  array{int, int}  $days until it is here, from and to
     * @param  float  $cures share of what was wrong with them that it cures
     */
    public function __construct(
        public string $name,
        public array $parts,
        public float $price,
        public float $old,
        public int $minutes,
        public Promise $promise,
        public array $days,
        public float $cures,
    ) {
    }

    /**
     * What the parts that move together cost, bought as one.
     *
     * @param  iterable<PartKind>  $kinds the kind of every part of the machine
     *
     * @return int minor units of money
     */
    public function priceOf(iterable $kinds): int
    {
        $price = 0.0;
        foreach ($kinds as $kind) {
            $price += in_array($kind->id, $this->parts, true) ? $this->price * $kind->price : 0.0;
        }

        return (int) round($price);
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            name: $row->text('name'),
            parts: $row->texts('parts'),
            price: $row->number('price'),
            old: $row->number('old'),
            minutes: $row->whole('minutes'),
            promise: Promise::fromRow($row),
            days: $row->range('days'),
            cures: $row->number('cures'),
        );
    }
}
