<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use InvalidArgumentException;

/**
 * A value as people type it: "11.32", "11,32 V", "-12", "160mA", "0,25 s" where milliseconds are asked, and by the letter
 * code of IEC 60062, where a letter stands for the decimal point: "4k7", "5R1", "R47", "3V3".
 */
final class Quantity
{
    /** Prefixes of units (SI); both cases of kilo are in use. */
    private const PREFIXES = [
        'p' => 1e-12,
        'n' => 1e-9,
        'u' => 1e-6,
        'µ' => 1e-6,
        'μ' => 1e-6,
        'm' => 1e-3,
        '' => 1.0,
        'k' => 1e3,
        'K' => 1e3,
        'M' => 1e6,
        'G' => 1e9,
    ];

    /** What each unit may be written as, and the letter that stands for its decimal point. */
    private const UNITS = [
        'V' => [['V', 'v', 'volt', 'volts'], 'V'],
        'A' => [['A', 'a', 'amp', 'amps'], 'A'],
        'Ohm' => [['Ohm', 'ohm', 'Ohms', 'ohms', 'Ω', 'Ω', 'R'], 'R'],
        'W' => [['W', 'w', 'watt', 'watts'], null],
        's' => [['s', 'sec'], null],
        'Hz' => [['Hz', 'hz'], null],
        // Memory is rated in transfers a second; many write the same number with MHz.
        'T/s' => [['T/s', 'Hz'], null],
        'K' => [['K', '°C', 'C'], null],
        '°C' => [['°C', 'C'], null],
    ];

    /** A unit as people write it: kOhm is kΩ. */
    public static function sign(string $unit): string
    {
        return str_replace('Ohm', 'Ω', $unit);
    }

    /**
     * @param  string  $unit the unit the value is asked in, with a prefix or without: V, A, mA, Ohm, kOhm, ms, MHz, K, °C
     *
     * @return float in that unit
     *
     * @throws InvalidArgumentException with a sentence that says what to type
     */
    public static function parse(string $typed, string $unit): float
    {
        [$scale, $base] = self::asked($unit);
        $text = str_replace([',', '−', "\u{A0}", ' '], ['.', '-', '', ''], trim($typed));

        return self::coded($text, $base, $scale)
            ?? (self::plain($text, $base, $scale)
                ?? throw new InvalidArgumentException(
                    "\"{$typed}\" is not a value in {$unit}; type a number such as 3,31 or 3.31"
                        .(self::UNITS[$base][1] === 'R' ? ', or 4k7' : '')
                        .'.',
                ));
    }

    /** A number, perhaps with a prefix, perhaps with the unit. A bare number is in the unit that is asked. */
    private static function plain(string $text, string $base, float $scale): ?float
    {
        if (preg_match('/^([+-]?\d+(?:\.\d+)?)(.*)$/u', $text, $found) !== 1) {
            return null;
        }
        $factor = $found[2] === '' ? $scale : self::factor($found[2], $base);

        return $factor === null ? null : ((float) $found[1] * $factor) / $scale;
    }

    /** By IEC 60062: a letter in the place of the decimal point says the multiplier, such as 4k7, 5R1, R47. */
    private static function coded(string $text, string $base, float $scale): ?float
    {
        $point = self::UNITS[$base][1];
        $rest = implode('|', array_map(fn (string $name): string => preg_quote($name, '/'), self::UNITS[$base][0]));
        if (
            $point === null
            || preg_match("/^([+-]?)(\\d*)([{$point}kKMG])(\\d+)(?:{$rest})?$/u", $text, $found) !== 1
            || ($found[2] === '' && $found[3] !== $point)
        ) {
            return null;
        }
        $factor = $found[3] === $point ? 1.0 : self::PREFIXES[$found[3]];

        return ((float) "{$found[1]}{$found[2]}.{$found[4]}" * $factor) / $scale;
    }

    /** What a prefix and a unit, or a prefix alone, multiply by; null if they are of another unit. */
    private static function factor(string $written, string $base): ?float
    {
        // A prefix alone is said of ohms, volts and amperes only.
        [$names, $point] = self::UNITS[$base];
        foreach ([...$names, ...$point === null ? [] : ['']] as $name) {
            foreach (self::PREFIXES as $prefix => $factor) {
                if ($written === $prefix.$name) {
                    return $factor;
                }
            }
        }

        return null;
    }

    /** @return array{float, string} what the asked unit is in its base unit, and that unit */
    private static function asked(string $unit): array
    {
        foreach (array_keys(self::UNITS) as $base) {
            foreach (self::PREFIXES as $prefix => $factor) {
                if ($unit === $prefix.$base) {
                    return [$factor, $base];
                }
            }
        }
        throw new InvalidArgumentException("\"{$unit}\" is no unit that readings are asked in.");
    }
}
