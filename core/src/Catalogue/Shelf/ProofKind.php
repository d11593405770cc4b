<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Plain\Row;

/** How a spare is proved good. */
final readonly class ProofKind
{
    /**
     * @param  float  $catches share of bad parts it shows to be bad, 0 to 1
     * @param  ?list<string>  $kinds kinds of part it can be made on; null = any
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $catches,
        public ?array $kinds,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('name'), $row->number('catches'), $row->has('kinds') ? $row->texts('kinds') : null);
    }
}
