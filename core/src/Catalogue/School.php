<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** An order of the same steps that practitioners follow by habit. */
final readonly class School
{
    /**
     * @param  list<string>  $order    steps; those not named come after, in the order of the catalogue
     * @param  bool  $byMinutes the step that takes least comes first instead
     */
    public function __construct(public string $id, public string $name, public array $order, public bool $byMinutes)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('name'), $row->texts('order'), $row->flag('by_minutes'));
    }

    /**
     * The place of a step in this order; lower comes first.
     *
     * @return array{int, int}
     */
    public function place(Step $step): array
    {
        $at = array_search($step->id, $this->order, true);

        return [$at === false ? count($this->order) : $at, $this->byMinutes ? $step->minutes : 0];
    }
}
