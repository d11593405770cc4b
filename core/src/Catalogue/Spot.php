<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A place on a drawing at which something can be found. */
final readonly class Spot
{
    /**
     * @param  int  $column  1 and more, from the left
     * @param  int  $row     1 and more, from the top
     * @param  list<string>  $pointsTo faults that a find here speaks for; none where the place says only where
     */
    private function __construct(
        public string $id,
        public string $name,
        public int $column,
        public int $row,
        public array $pointsTo,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            column: $row->whole('column'),
            row: $row->whole('row'),
            pointsTo: $row->texts('points_to', []),
        );
    }
}
