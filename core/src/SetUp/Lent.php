<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

/** A spare that stands in for a part. */
final readonly class Lent
{
    /** @param  float  $trust probability from 0 to 1 that the spare is good */
    public function __construct(public string $tag, public float $trust)
    {
    }
}
