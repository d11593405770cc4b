<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Plain\Row;

/** A fact that decides whether a spare goes into a machine. */
final readonly class FitRule
{
    /**
     * @param  string  $rule "same", "least", "room", "offers" or "needs"; what they mean stands in shelf.yaml
     * @param  ?string  $caution where it goes in all the same, with care
     */
    public function __construct(
        public string $kind,
        public string $rule,
        public string $fact,
        public string $says,
        public ?string $caution,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('kind'), $row->text('rule'), $row->text('fact'), $row->text('says'), $row->textOrNull('caution'));
    }
}
