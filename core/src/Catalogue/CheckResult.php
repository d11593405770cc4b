<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** One result a look or reading can have. */
final readonly class CheckResult
{
    /**
     * @param  array<string, float>  $shows fault => how often the check shows it when it is there
     * @param  bool  $state it tells of a state that ends, and not of a fault: it raises locks and moves no belief
     */
    public function __construct(public string $id, public string $name, public array $shows, public bool $state = false)
    {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self((string) $row['id'], $row['name'], array_map(floatval(...), $row['shows'] ?? []), $row['state'] ?? false);
    }

    public function findsSomething(): bool
    {
        return $this->shows !== [] || $this->state;
    }
}
