<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Supplier;

use Orthoscope\Core\Plain\Row;

/** A simulated supplier. */
final readonly class House
{
    /**
     * @param  float  $wrong   share of parcels with something else in them
     * @param  float  $damaged share that was dropped
     * @param  float  $dead    share of parts that do not work
     * @param  float  $accepts share of true claims it accepts
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $wrong,
        public float $damaged,
        public float $dead,
        public int $returnDays,
        public float $accepts,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            wrong: $row->number('wrong'),
            damaged: $row->number('damaged'),
            dead: $row->number('dead'),
            returnDays: $row->whole('return'),
            accepts: $row->number('accepts'),
        );
    }
}
