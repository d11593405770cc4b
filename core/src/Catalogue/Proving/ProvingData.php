<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Proving;

/** What is proved before a machine goes back; `core/catalogue/proving.yaml`. */
final readonly class ProvingData
{
    /**
     * @param  list<PlanItem>  $items
     * @param  float  $wrongFrom chance that a part was at fault from which it counts as touched by the trouble
     * @param  list<array{item: string, after: list<string>}>  $aftercare what a new part asks for
     */
    private function __construct(public array $items, public float $wrongFrom, public array $aftercare)
    {
    }

    /** @param  array<string, mixed>  $file */
    public static function fromFile(array $file): self
    {
        return new self(array_map(PlanItem::fromArray(...), $file['items']), (float) $file['wrong_from'], $file['aftercare']);
    }
}
