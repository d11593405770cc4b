<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Plain\Row;

/** Where a spare may come from. */
final readonly class Origin
{
    /**
     * @param  ?float  $good chance that one works before anybody tried it; null = by the shop's rate of parts dead on arrival
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?float $good,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('name'), $row->numberOrNull('good'));
    }
}
