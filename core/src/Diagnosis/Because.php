<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** An entry and how it speaks about a part. */
final readonly class Because
{
    public function __construct(public int $entry, public Ground $ground)
    {
    }
}
