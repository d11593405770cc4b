<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** A kind of way on that buys no part: cure by settings, clean, repair on the board, work around. */
final readonly class Way
{
    /**
     * @param  list<string>  $acts
     * @param  float  $loss     share of the machine's worth that its owner loses by it
     * @param  ?string  $limit    what the owner is told of it
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $acts,
        public Promise $promise,
        public float $loss,
        public ?string $limit,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            acts: $row->texts('acts'),
            promise: Promise::fromRow($row),
            loss: $row->number('loss'),
            limit: $row->textOrNull('limit'),
        );
    }
}
