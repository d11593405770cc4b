<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** A number of things that take an s in the plural: "1 month", "3 months". */
final class Many
{
    public static function of(int $count, string $one): string
    {
        return "{$count} {$one}".($count === 1 ? '' : 's');
    }
}
