<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Plain\Row;

/** A fact that decides whether a spare goes into a machine. */
final readonly class FitRule
{
    /**
     * @param  string  $rule "same", "least", "most", "room", "offers" or "needs"; what they mean stands in shelf.yaml
     * @param  string  $fact of the spare
     * @param  string  $of the machine's fact it is held against
     * @param  ?string  $caution where it goes in all the same, with care
     */
    public function __construct(
        public string $kind,
        public string $rule,
        public string $fact,
        public string $of,
        public string $says,
        public ?string $caution,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            kind: $row->text('kind'),
            rule: $row->text('rule'),
            fact: $row->text('fact'),
            of: $row->textOrNull('of') ?? $row->text('fact'),
            says: $row->text('says'),
            caution: $row->textOrNull('caution'),
        );
    }
}
