<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A number of the model that belongs to no single part, with where it comes from and between which values it may stand. */
final readonly class Number
{
    /**
     * @param  float  $low    least value with which the advice is worth anything
     * @param  float  $high   greatest one
     * @param  string  $origin published, common practice, shop-learned or judgement
     * @param  string  $why    what it means, in words
     */
    private function __construct(
        public string $id,
        public float $value,
        public float $low,
        public float $high,
        public string $origin,
        public string $why,
    ) {
    }

    public static function fromRow(string $id, Row $row): self
    {
        [$low, $high] = $row->span('range');

        return new self($id, $row->number('value'), $low, $high, $row->text('origin'), $row->text('why'));
    }

    public function holds(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }

    /** The nearest value to this one that the number may have. */
    public function nearest(float $value): float
    {
        return min($this->high, max($this->low, $value));
    }
}
