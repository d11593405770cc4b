<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use InvalidArgumentException;

/**
 * What is printed on a resistor, in ohms: a letter in place of the decimal point ("5R1", "4k7"; IEC 60062), three or four
 * digits of which the last counts the noughts ("473", "4702"), or two digits and a letter ("01C": the place in the E96 series
 * of IEC 60063, and a multiplier). Quoted from memory.
 */
final class ResistorMarking
{
    /** Multipliers of the two-digit code. */
    private const LETTERS = [
        'Z' => 0.001,
        'Y' => 0.01,
        'R' => 0.01,
        'X' => 0.1,
        'S' => 0.1,
        'A' => 1.0,
        'B' => 10.0,
        'H' => 10.0,
        'C' => 100.0,
        'D' => 1e3,
        'E' => 1e4,
        'F' => 1e5,
    ];

    /**
     * @return float ohms
     *
     * @throws InvalidArgumentException with a sentence that says what to type
     */
    public static function parse(string $printed): float
    {
        $text = trim($printed);
        if (preg_match('/^0{1,4}$/', $text) === 1) {
            return 0.0;
        }
        if (preg_match('/^(\d{2,3})(\d)$/', $text, $found) === 1) {
            return (float) $found[1] * 10.0 ** (int) $found[2];
        }
        if (preg_match('/^(\d\d)([A-FHRSXYZ])$/', $text, $found) === 1 && (int) $found[1] >= 1 && (int) $found[1] <= 96) {
            return round(100.0 * 10.0 ** (((int) $found[1] - 1) / 96)) * self::LETTERS[$found[2]];
        }
        try {
            return Quantity::parse($text, 'Ohm');
        } catch (InvalidArgumentException) {
            throw new InvalidArgumentException(
                "\"{$printed}\" is no marking of a resistor; type it as printed, such as 5R1, 473, 4702 or 01C.",
            );
        }
    }
}
