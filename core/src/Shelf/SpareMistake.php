<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use InvalidArgumentException;

/** A spare cannot go on the shelf as it was written: which field of it, and what to do. */
final class SpareMistake extends InvalidArgumentException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function at(string $field, string $sentence): self
    {
        return new self($field, $sentence);
    }
}
