<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** What it takes to claim a part from who sold it, before anything is bought. */
final readonly class ClaimTerms
{
    /**
     * @param  float  $accepted share that ends with a good part
     * @param  array{int, int}  $days until it is here, from and to
     */
    public function __construct(
        public string $name,
        public int $minutes,
        public float $accepted,
        public Promise $promise,
        public array $days,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            name: $row->text('name'),
            minutes: $row->whole('minutes'),
            accepted: $row->number('accepted'),
            promise: Promise::fromRow($row),
            days: $row->range('days'),
        );
    }
}
