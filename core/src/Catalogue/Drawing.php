<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A plain drawing of columns and rows on which is picked where something was found. */
final readonly class Drawing
{
    /** @param  array<string, Spot>  $spots */
    private function __construct(public string $id, public string $name, public int $columns, public array $spots)
    {
    }

    public static function fromRow(Row $row): self
    {
        $spots = array_map(Spot::fromRow(...), $row->rows('spots'));

        return new self($row->text('id'), $row->text('name'), $row->whole('columns'), array_column($spots, null, 'id'));
    }

    /**
     * What finds at these places speak for: all of it where one of them says only where.
     *
     * @param  list<string>  $spots
     *
     * @return list<string> faults; none where nothing can be told by the place
     */
    public function pointTo(array $spots): array
    {
        $faults = [];
        foreach ($spots as $id) {
            if (! isset($this->spots[$id]) || $this->spots[$id]->pointsTo === []) {
                return [];
            }
            $faults = [...$faults, ...$this->spots[$id]->pointsTo];
        }

        return array_values(array_unique($faults));
    }
}
