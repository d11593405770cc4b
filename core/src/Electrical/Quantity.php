<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use InvalidArgumentException;

/** A value as people type it: "11.32", "11,32 V", "-12", "250 ms". */
final class Quantity
{
    /**
     * @param  string  $unit the unit the value is asked in; typed after the number it is dropped
     *
     * @throws InvalidArgumentException with a sentence that says what to type
     */
    public static function parse(string $typed, string $unit): float
    {
        $bare = trim(preg_replace('/\s*'.preg_quote($unit, '/').'$/i', '', trim($typed)) ?? '');
        $number = str_replace([',', '−'], ['.', '-'], $bare);
        if (! preg_match('/^[+-]?\d+(\.\d+)?$/', $number)) {
            throw new InvalidArgumentException("\"{$typed}\" is not a value in {$unit}; type a number such as 3,31 or 3.31.");
        }

        return (float) $number;
    }
}
