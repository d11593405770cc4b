<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** What replacing a kind of part asks of the rest. */
final readonly class Effect
{
    public function __construct(
        public string $part,
        public string $says,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('part'), $row->text('says'));
    }
}
