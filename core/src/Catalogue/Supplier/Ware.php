<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Supplier;

use Orthoscope\Core\Plain\Row;

/** What a simulated supplier has. */
final readonly class Ware
{
    /**
     * @param  string  $condition "new" or "used"
     * @param  int  $price minor units of money, delivered
     * @param  array{int, int}  $days until it is here, from and to
     * @param  int  $stock how many there are on a usual day
     * @param  array<string, string>  $facts what decides whether it fits
     */
    public function __construct(
        public string $id,
        public string $house,
        public string $kind,
        public string $name,
        public string $condition,
        public int $price,
        public array $days,
        public int $stock,
        public array $facts,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            house: $row->text('house'),
            kind: $row->text('kind'),
            name: $row->text('name'),
            condition: $row->text('condition'),
            price: $row->whole('price'),
            days: $row->range('days'),
            stock: $row->whole('stock'),
            facts: $row->textByName('facts'),
        );
    }
}
