<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Plain\Row;

/** How a kind of part wears and is harmed. */
final readonly class Wear
{
    /**
     * @param  float  $loss share that goes bad in a year
     * @param  float  $harmed chance that one meeting with a destructive machine ruins it
     * @param  int  $days  how long a loan takes before it is overdue
     */
    public function __construct(
        public string $id,
        public float $loss,
        public float $harmed,
        public int $days,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->number('loss'), $row->number('harmed'), $row->whole('days'));
    }
}
