<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

use Orthoscope\Core\Plain\Row;

/** A spare that stands in for a part. */
final readonly class Lent
{
    /** Trust in a spare of which a case file says nothing. Origin: judgement. */
    public const TRUST_UNSAID = 0.97;

    /** @param  float  $trust probability from 0 to 1 that the spare is good */
    public function __construct(public string $tag, public float $trust)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('tag'), $row->number('trust', self::TRUST_UNSAID));
    }
}
