<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** One way a manner of showing turns out: a share of machines, and the share of their starts that fail by condition. */
final readonly class Showing
{
    /**
     * @param  float  $share 0 to 1
     * @param  array<string, float>  $hazards condition => share of starts that fail, 0 to 1; "hazard" where it depends on nothing
     */
    public function __construct(
        public float $share,
        public array $hazards,
    ) {
    }

    /** Whether it depends on no condition of a start. */
    public function isPlain(): bool
    {
        return array_keys($this->hazards) === ['hazard'];
    }

    public static function fromRow(Row $row, float $hard): self
    {
        $hazards = [];
        foreach (array_diff($row->keys(), ['share']) as $condition) {
            $hazards[$condition] = $row->isText($condition, 'hard') ? $hard : $row->number($condition);
        }

        return new self($row->number('share'), $hazards);
    }
}
