<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** Something that happened just before, or a mark made at arrival, which shifts what is likely. */
final readonly class Event
{
    /**
     * @param  array<string, float>  $factors fault => factor on its prior
     * @param  ?string  $sameAs another event or mark that says the same: both count once
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
        public array $factors,
        public ?string $sameAs = null,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        $name = $row->text('name');

        return new self($row->text('id'), $name, $row->text('plain', $name), $row->numberByName('factors'), $row->textOrNull('same_as'));
    }
}
