<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** How a part can be had: new, used, off the shelf. */
final readonly class Source
{
    /**
     * @param  ?float  $price    share of the typical new price; null = what the spare is worth
     * @param  ?float  $good     chance that it works; null = the shop's own for new parts, or the spare's trust
     * @param  array{int, int}  $days     until it is here, from and to
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?float $price,
        public ?float $good,
        public Promise $promise,
        public array $days,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            price: $row->numberOrNull('price'),
            good: $row->numberOrNull('good'),
            promise: Promise::fromRow($row),
            days: $row->range('days'),
        );
    }
}
