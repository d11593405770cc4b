<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** One result a look or reading can have. */
final readonly class CheckResult
{
    /**
     * @param  array<string, float>  $shows fault => how often the check shows it when it is there
     * @param  bool  $state it tells of a state that ends, and not of a fault: it raises locks and moves no belief
     * @param  string  $plain what an owner is told of it, after "In our tests"; empty where the fault's own words say as much
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $shows,
        public bool $state = false,
        public string $plain = '',
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            shows: $row->numberByName('shows', []),
            state: $row->flag('state'),
            plain: $row->text('plain', ''),
        );
    }

    public function findsSomething(): bool
    {
        return $this->shows !== [] || $this->state;
    }
}
