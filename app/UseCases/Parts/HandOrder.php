<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\PartsSupplier;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Economy\Offer;

/** Something that was ordered outside the program: by telephone, on a page of the supplier, over a counter. */
final readonly class HandOrder
{
    /**
     * @param  string  $part of the job's machine; empty where it is for the shelf
     * @param  string  $condition "new" or "used"
     * @param  int  $price  minor units, delivered, before tax
     * @param  string  $number by which the supplier knows it; empty where there is none
     */
    public function __construct(
        public PartsSupplier $supplier,
        public string $kind,
        public string $part,
        public string $name,
        public string $condition,
        public int $price,
        public string $number,
        public Carbon $due,
    ) {
    }

    public function asOffer(): Offer
    {
        return new Offer(
            id: 'by-hand',
            supplier: $this->supplier->name,
            kind: $this->kind,
            name: $this->name,
            condition: $this->condition,
            price: $this->price,
            days: [$this->supplier->days_from, $this->supplier->days_to],
            stock: 1,
            returnDays: $this->supplier->return_days,
        );
    }
}
