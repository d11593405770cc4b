<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

/** How a part can be had: new, used, off the shelf. */
final readonly class Source
{
    /**
     * @param  ?float  $price    share of the typical new price; null = what the spare is worth
     * @param  ?float  $good     chance that it works; null = the shop's own for new parts, or the spare's trust
     * @param  float  $comeback share that fails within a year once it worked
     * @param  int  $lasts    years it may be expected to last
     * @param  array{int, int}  $days     until it is here, from and to
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?float $price,
        public ?float $good,
        public int $warrantyMonths,
        public float $comeback,
        public int $lasts,
        public array $days,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self($row['id'], $row['name'], $row['price'], $row['good'], $row['warranty'], (float) $row['comeback'], $row['lasts'], $row['days']);
    }
}
