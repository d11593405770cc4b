<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

/** A kind of way on that buys no part: cure by settings, clean, repair on the board, work around. */
final readonly class Way
{
    /**
     * @param  list<string>  $acts
     * @param  float  $comeback share that comes back within a year
     * @param  int  $lasts    years it may be expected to last
     * @param  float  $loss     share of the machine's worth that its owner loses by it
     * @param  ?string  $limit    what the owner is told of it
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $acts,
        public int $warrantyMonths,
        public float $comeback,
        public int $lasts,
        public float $loss,
        public ?string $limit,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self($row['id'], $row['name'], $row['acts'], $row['warranty'], (float) $row['comeback'], $row['lasts'], (float) $row['loss'], $row['limit'] ?? null);
    }
}
