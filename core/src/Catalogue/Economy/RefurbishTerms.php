<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** What the shop's own machines fetch, and what making them ready takes. */
final readonly class RefurbishTerms
{
    /**
     * @param  float  $whole    share of the new price of its parts that a machine is sold for
     * @param  float  $part     the same for a part alone
     * @param  float  $unproved share of that a part fetches that nobody proved
     * @param  int  $ready    bench minutes until it can be sold
     * @param  int  $takeOut  bench minutes to take a part out
     * @param  float  $comeback share that comes back within a year
     */
    public function __construct(
        public float $whole,
        public float $part,
        public float $unproved,
        public int $ready,
        public int $takeOut,
        public int $warrantyMonths,
        public float $comeback,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            whole: $row->number('whole'),
            part: $row->number('part'),
            unproved: $row->number('unproved'),
            ready: $row->whole('ready'),
            takeOut: $row->whole('take_out'),
            warrantyMonths: $row->whole('warranty'),
            comeback: $row->number('comeback'),
        );
    }
}
