<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Proving;

use Orthoscope\Core\Plain\Row;

/** What is proved before a machine goes back; `core/catalogue/proving.yaml`. */
final readonly class ProvingData
{
    /**
     * @param  list<PlanItem>  $items
     * @param  float  $wrongFrom chance that a part was at fault from which it counts as touched by the trouble
     * @param  list<Aftercare>  $aftercare what a new part asks for
     * @param  array<string, string>  $uses what an owner may use, in words
     */
    private function __construct(public array $items, public float $wrongFrom, public array $aftercare, public array $uses)
    {
    }

    public static function fromFile(Row $file): self
    {
        return new self(
            items: array_map(PlanItem::fromRow(...), $file->rows('items')),
            wrongFrom: $file->number('wrong_from'),
            aftercare: array_map(Aftercare::fromRow(...), $file->rows('aftercare')),
            uses: $file->textByName('uses'),
        );
    }
}
