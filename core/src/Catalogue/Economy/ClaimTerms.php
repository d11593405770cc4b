<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** What it takes to claim a part from who sold it, before anything is bought. */
final readonly class ClaimTerms
{
    /**
     * @param  float  $accepted share that ends with a good part
     * @param  float  $comeback share that comes back within a year
     * @param  int  $lasts years it may be expected to last
     * @param  array{int, int}  $days until it is here, from and to
     */
    public function __construct(
        public string $name,
        public int $minutes,
        public float $accepted,
        public int $warrantyMonths,
        public float $comeback,
        public int $lasts,
        public array $days,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            name: $row->text('name'),
            minutes: $row->whole('minutes'),
            accepted: $row->number('accepted'),
            warrantyMonths: $row->whole('warranty'),
            comeback: $row->number('comeback'),
            lasts: $row->whole('lasts'),
            days: $row->range('days'),
        );
    }
}
