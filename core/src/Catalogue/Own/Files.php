<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

/** Values in the parsed files of a catalogue by their path: file, then keys; in a list, the `id` of a row or its place from 0. */
final class Files
{
    /** @param  array<mixed>  $files */
    public static function value(array $files, string $path): mixed
    {
        $at = $files;
        foreach (explode('/', $path) as $segment) {
            $at = is_array($at) ? $at[self::key($at, $segment)] ?? null : null;
        }

        return $at;
    }

    /**
     * The same files with one value in place of another. A path that leads nowhere changes nothing: what is no longer in the catalogue is
     * no longer set.
     *
     * @param  array<mixed>  $files
     *
     * @return array<mixed>
     */
    public static function with(array $files, string $path, mixed $value): array
    {
        $parts = explode('/', $path, 2);
        $rest = $parts[1] ?? null;
        $key = self::key($files, $parts[0]);
        if ($rest === null) {
            $files[$key] = $value;
        } elseif (is_array($files[$key] ?? null)) {
            $files[$key] = self::with($files[$key], $rest, $value);
        }

        return $files;
    }

    /** @param  array<mixed>  $among */
    private static function key(array $among, string $segment): string|int
    {
        if (! array_is_list($among)) {
            return $segment;
        }
        $key = array_search($segment, array_map(fn (mixed $row): mixed => is_array($row) ? $row['id'] ?? null : null, $among), true);

        return $key === false ? (ctype_digit($segment) ? (int) $segment : $segment) : $key;
    }
}
