<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** A way that ends the work here: a specialist, given back, left for parts. */
final readonly class EndOfWork
{
    /**
     * @param  int  $fee minor units of money
     * @param  float  $cures how often the machine is right after it
     * @param  array{int, int}  $days from and to
     * @param  ?float  $worth share of the machine's worth that is left
     * @param  ?float  $parts share of its worth that its parts fetch
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $fee,
        public int $minutes,
        public float $cures,
        public array $days,
        public int $warrantyMonths,
        public ?float $worth,
        public ?float $parts,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            fee: $row->whole('fee'),
            minutes: $row->whole('minutes'),
            cures: $row->number('cures'),
            days: $row->range('days'),
            warrantyMonths: $row->whole('warranty'),
            worth: $row->numberOrNull('worth'),
            parts: $row->numberOrNull('parts'),
        );
    }
}
