<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

/** A part that a supplier offers. */
final readonly class Offer
{
    /**
     * @param  string  $condition "new" or "used"
     * @param  int  $price     minor units of money, delivered
     * @param  array{int, int}  $days      until it is here, from and to
     * @param  int  $stock     how many the supplier has
     * @param  int  $returnDays days in which it can be sent back
     * @param  array<string, string>  $facts     what decides whether it fits
     */
    public function __construct(
        public string $id,
        public string $supplier,
        public string $kind,
        public string $name,
        public string $condition,
        public int $price,
        public array $days,
        public int $stock,
        public int $returnDays,
        public array $facts = [],
    ) {
    }
}
