<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** Something that happened just before, or a mark made at arrival, which shifts what is likely. */
final readonly class Event
{
    /**
     * @param  array<string, float>  $factors fault => factor on its prior
     * @param  ?string  $sameAs another event or mark that says the same: both count once
     */
    public function __construct(public string $id, public string $name, public string $plain, public array $factors, public ?string $sameAs = null)
    {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self($row['id'], $row['name'], $row['plain'] ?? $row['name'], array_map(floatval(...), $row['factors']), $row['same_as'] ?? null);
    }
}
