<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** Two faults of which the first may bring the second about. */
final readonly class Coupling
{
    /**
     * @param  float  $given chance of the second where the first is, 0 to 1
     */
    public function __construct(
        public string $first,
        public string $second,
        public float $given,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('first'), $row->text('second'), $row->number('given'));
    }
}
