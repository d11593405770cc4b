<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A condition under which alone any part may fail. */
final readonly class Condition
{
    /**
     * @param  string  $shows manner of showing
     * @param  float  $share of a part's trouble at a stop that shows so, 0 to 1
     * @param  array<string, float>  $times kind of part => how many times likelier
     */
    public function __construct(
        public string $id,
        public string $shows,
        public float $share,
        public string $name,
        public string $plain,
        public array $times,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            shows: $row->text('shows'),
            share: $row->number('share'),
            name: $row->text('name'),
            plain: $row->text('plain'),
            times: $row->numberByName('times', []),
        );
    }
}
