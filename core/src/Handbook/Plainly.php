<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

/** A row of the catalogue as lines to read: every field with its value, one line each. */
final class Plainly
{
    /**
     * @param  array<array-key, mixed>  $row
     * @param  array<array-key, mixed>  $shipped the same row as it ships
     *
     * @return list<Item>
     */
    public static function items(array $row, array $shipped = []): array
    {
        $was = self::flat($shipped, '');
        $items = [];
        foreach (self::flat($row, '') as $field => $value) {
            $ships = $was[$field] ?? null;
            $items[] = new Item((string) $field, value: $value, was: $shipped === [] || $ships === $value ? null : $ships ?? 'nothing');
        }

        return $items;
    }

    /**
     * @param  array<array-key, mixed>  $row
     *
     * @return array<array-key, string> field in words => value in words
     */
    private static function flat(array $row, string $before): array
    {
        $flat = [];
        foreach ($row as $key => $value) {
            $field = trim($before.' '.(is_int($key) ? '' : str_replace(['_', '-'], ' ', $key)));
            if (is_array($value) && array_is_list($value) && array_filter($value, is_array(...)) === []) {
                $flat[$field] = implode(', ', array_map(self::said(...), $value));
            } elseif (is_array($value)) {
                // A row of a list is called by its id, which is not said again.
                $of = is_int($key) ? array_diff_key($value, ['id' => 0]) : $value;
                foreach (self::flat($of, is_int($key) ? trim($before.' '.self::named($value, $key)) : $field) as $inner => $said) {
                    // Two rows of one name are two lines all the same.
                    $flat[isset($flat[$inner]) ? "{$inner} ".(count($flat) + 1) : $inner] = $said;
                }
            } else {
                $flat[$field === '' ? (string) (count($flat) + 1) : $field] = self::said($value);
            }
        }

        return $flat;
    }

    /** @param  array<array-key, mixed>  $row */
    private static function named(array $row, int $place): string
    {
        foreach (['id', 'name', 'kind', 'from'] as $field) {
            if (isset($row[$field]) && is_scalar($row[$field])) {
                return self::said($row[$field]);
            }
        }

        return (string) ($place + 1);
    }

    public static function said(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null => 'none',
            is_float($value) => rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.'),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
