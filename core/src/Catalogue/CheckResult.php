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
     */
    public function __construct(public string $id, public string $name, public array $shows, public bool $state = false)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('name'), $row->numberByName('shows', []), $row->flag('state'));
    }

    public function findsSomething(): bool
    {
        return $this->shows !== [] || $this->state;
    }
}
