<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Supplier;

use Orthoscope\Core\Plain\Row;

/** What the simulated suppliers that ship have; `core/catalogue/supplier.yaml`. */
final readonly class SupplierData
{
    /**
     * @param  array<string, House>  $houses
     * @param  array<string, Ware>  $wares
     */
    public function __construct(public array $houses, public array $wares)
    {
    }

    public static function fromFile(Row $file): self
    {
        return new self(
            array_column(array_map(House::fromRow(...), $file->rows('houses')), null, 'id'),
            array_column(array_map(Ware::fromRow(...), $file->rows('offers')), null, 'id'),
        );
    }
}
