<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use Orthoscope\Core\Plain\Row;

/** A value that is meant to be there, with its limits and where they come from. */
final readonly class Nominal
{
    /**
     * @param  float  $low  inclusive
     * @param  float  $high inclusive
     */
    public function __construct(
        public float $at,
        public float $low,
        public float $high,
        public string $source,
    ) {
    }

    /** Its limits as people write them: 11.4–12.6; with "to" where one is below nothing. */
    public function span(): string
    {
        return $this->low < 0.0 ? "{$this->low} to {$this->high}" : "{$this->low}–{$this->high}";
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->number('at'), $row->number('low'), $row->number('high'), $row->text('source'));
    }
}
