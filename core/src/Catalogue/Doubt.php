<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A question about the set-up of a reading, and how far the reading is still believed by what is answered. */
final readonly class Doubt
{
    public const ANSWERS = ['yes', 'no', 'unknown'];

    /**
     * @param  string  $ask  the question; "yes" means that nothing speaks against the reading
     * @param  float  $no   share of readings that still say something after "no", 0 to 1
     * @param  float  $unknown the same where nobody knows
     */
    public function __construct(public string $id, public string $ask, public float $no, public float $unknown)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('ask'), $row->number('no'), $row->number('unknown'));
    }

    /** How far a reading is believed after this answer, 0 to 1. */
    public function belief(string $answer): float
    {
        return match ($answer) {
            'no' => $this->no,
            'unknown' => $this->unknown,
            default => 1.0,
        };
    }
}
