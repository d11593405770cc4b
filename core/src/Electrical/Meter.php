<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use Orthoscope\Core\Plain\Row;

/**
 * How far a meter may be off, by the unit it reads in: a share of the reading and a fixed step, added. Where nothing better
 * is known a common hand-held meter is meant (`meters` in limits.yaml, origin: judgement).
 */
final readonly class Meter
{
    /** @param  array<string, array{share: float, step: float}>  $accuracy unit => share of the reading, and step in that unit */
    private function __construct(private array $accuracy)
    {
    }

    /** @param  list<Row>  $rows `meters` of the catalogue: unit, share and step */
    public static function fromRows(array $rows): self
    {
        $accuracy = [];
        foreach ($rows as $row) {
            $accuracy[$row->text('unit')] = ['share' => $row->number('share'), 'step' => $row->number('step')];
        }

        return new self($accuracy);
    }

    /** A meter that is never off. */
    public static function exact(): self
    {
        return new self([]);
    }

    /** Half the width of the range the true value lies in, in the unit of the reading; 0 for a unit it knows nothing of. */
    public function halfWidth(float $reading, string $unit): float
    {
        $accuracy = $this->accuracy[$unit] ?? ['share' => 0.0, 'step' => 0.0];

        return $accuracy['share'] * abs($reading) + $accuracy['step'];
    }
}
