<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** Lists of ten thousands of numbers as they are kept: a string each, which is written in a tenth of the time. */
final class Packed
{
    /** @param  list<int>  $numbers from -2^31 to 2^31 - 1 */
    public static function ofInts(array $numbers): string
    {
        return pack('l*', ...$numbers);
    }

    /** @return list<int> */
    public static function ints(string $packed): array
    {
        return array_values((array) unpack('l*', $packed));
    }

    /** @param  list<float>  $numbers */
    public static function ofFloats(array $numbers): string
    {
        return pack('d*', ...$numbers);
    }

    /**
     * @param  array<int, float>  $map
     *
     * @return array{string, string} its keys, and its values
     */
    public static function ofMap(array $map): array
    {
        return [self::ofInts(array_keys($map)), self::ofFloats(array_values($map))];
    }

    /**
     * @param  array{string, string}  $packed
     *
     * @return array<int, float>
     */
    public static function map(array $packed): array
    {
        return array_combine(self::ints($packed[0]), self::floats($packed[1]));
    }

    /** @return list<float> to the last bit what was kept */
    public static function floats(string $packed): array
    {
        return array_values((array) unpack('d*', $packed));
    }
}
