<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Catalogue\Economy\Promise;

/** One way on, made concrete for a machine, before it is weighed against the others. */
final readonly class WayOn
{
    /**
     * @param  list<array{act: string, on: list<string>}>  $acts
     * @param  array<int, float>  $cures mode => share of times it cures it
     * @param  int  $after minor units it is expected to cost later where it cured: comebacks, and what its owner loses by it
     * @param  list<string>  $leaves
     * @param  ?ComesFrom  $from where the part that goes in comes from; null where none does, or its like
     */
    public function __construct(
        public string $id,
        public string $way,
        public string $name,
        public array $acts,
        public ?string $part,
        public array $cures,
        public Cost $cost,
        public Promise $promise,
        public int $after,
        public array $leaves = [],
        public ?ComesFrom $from = null,
    ) {
    }
}
