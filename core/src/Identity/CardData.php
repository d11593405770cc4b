<?php

declare(strict_types=1);

namespace Orthoscope\Core\Identity;

use InvalidArgumentException;

/** What a graphics card says it is, or what is published of its model. What is not known is left out. */
final readonly class CardData
{
    /**
     * @param  ?int  $memory megabytes
     * @param  ?int  $bus    width of the memory bus in bits
     * @param  ?int  $units  shader units
     */
    private function __construct(public ?string $memoryType, public ?int $memory, public ?int $bus, public ?int $units)
    {
    }

    /**
     * @param  array<string, string>  $given memory_type, memory (such as "4 GB" or 4096), bus (bits), units
     *
     * @throws InvalidArgumentException with one sentence
     */
    public static function of(array $given): self
    {
        $type = trim($given['memory_type'] ?? '');

        return new self(
            $type === '' ? null : strtoupper($type),
            self::memory($given['memory'] ?? ''),
            self::count($given['bus'] ?? '', 'bits of the bus', 8192),
            self::count($given['units'] ?? '', 'shader units', 100000),
        );
    }

    private static function memory(string $typed): ?int
    {
        if (trim($typed) === '') {
            return null;
        }
        if (preg_match('/^\s*(\d{1,7}(?:[.,]\d)?)\s*(GB|G|GiB|MB|M|MiB)?\s*$/i', $typed, $found) !== 1) {
            throw new InvalidArgumentException("\"{$typed}\" is no size of memory; type it such as 4 GB or 4096 MB.");
        }
        $number = (float) str_replace(',', '.', $found[1]);
        $giga = str_starts_with(strtoupper($found[2] ?? ''), 'G') || (($found[2] ?? '') === '' && $number <= 64);

        return (int) round($number * ($giga ? 1024 : 1));
    }

    private static function count(string $typed, string $of, int $most): ?int
    {
        $typed = trim((string) preg_replace('/\s*-?\s*bits?$/i', '', trim($typed)));
        if ($typed === '') {
            return null;
        }
        $number = filter_var($typed, FILTER_VALIDATE_INT);

        return $number === false || $number < 1 || $number > $most
            ? throw new InvalidArgumentException("\"{$typed}\" is no number of {$of}; type a whole number from 1 to {$most}.")
            : $number;
    }
}
