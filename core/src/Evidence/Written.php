<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use InvalidArgumentException;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Plain\UnknownWord;

/** Takes words and numbers out of a written entry, and says where one is wrong. */
final class Written
{
    /** @param  array<string, mixed>  $given */
    public static function whole(array $given, string $key, int $default): int
    {
        $value = $given[$key] ?? $default;
        if (filter_var($value, FILTER_VALIDATE_INT) === false) {
            throw CaseMistake::at("/{$key}", 'This must be a whole number.');
        }

        return (int) $value;
    }

    /** @param  array<string, mixed>  $given */
    public static function count(array $given, string $key, string $path, string $sentence = 'Say how many starts went like this, a whole number from 1 to 1000.'): int
    {
        $times = filter_var($given[$key] ?? 1, FILTER_VALIDATE_INT);

        return $times === false || $times < 1 || $times > 1000 ? throw CaseMistake::at($path, $sentence) : $times;
    }

    /**
     * @param  list<mixed>  $words
     * @param  list<string>  $known
     *
     * @return list<string>
     */
    public static function allOf(string $what, array $words, array $known, string $path): array
    {
        foreach ($words as $i => $word) {
            self::oneOf($what, (string) $word, $known, "{$path}/{$i}");
        }

        return $words;
    }

    /** @param  list<string>  $known */
    public static function oneOf(string $what, string $word, array $known, string $path): string
    {
        return in_array($word, $known, true) ? $word : throw CaseMistake::at($path, UnknownWord::sentence($what, $word, $known));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $lookUp
     *
     * @return T
     */
    public static function catalogued(callable $lookUp, string $path): mixed
    {
        try {
            return $lookUp();
        } catch (CatalogueMistake|MachineMistake|InvalidArgumentException $mistake) {
            throw CaseMistake::at($path, $mistake->getMessage(), $mistake);
        }
    }
}
