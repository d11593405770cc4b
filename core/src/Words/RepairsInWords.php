<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Catalogue\Catalogue;

/** What mends what a look or a reading has found, for the bench: "replace the part (supply); blow out the dust (case fans)". */
final class RepairsInWords
{
    /** More are no help where something failed. Origin: judgement. */
    private const NAMED = 3;

    /** Empty where nothing was found, or nothing mends it. */
    public static function of(string $check, string $result, Catalogue $catalogue): string
    {
        $named = array_slice($catalogue->repairsFor($check, $result), 0, self::NAMED);

        return implode('; ', array_map(fn (array $one): string => "{$one['act']->name} (".lcfirst($one['part']->name).')', $named));
    }
}
