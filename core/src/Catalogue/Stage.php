<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A milestone of a start, in the order of the chain. */
final readonly class Stage
{
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('name'), $row->text('plain'));
    }
}
