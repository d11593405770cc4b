<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

use RuntimeException;

/** A row of data lacks a field, or holds something else in it than belongs there. */
final class UnreadableRow extends RuntimeException
{
    public static function noRow(string $where, mixed $given): self
    {
        return new self("{$where}: a row of fields is needed, not ".self::shown($given).'.');
    }

    public static function wrong(string $where, string $key, string $wanted, mixed $given): self
    {
        return new self(
            "{$where}: \"{$key}\" must be {$wanted}".($given === null ? ', and is missing.' : ', not '.self::shown($given).'.'),
        );
    }

    private static function shown(mixed $given): string
    {
        return is_array($given)
            ? 'a list'
            : (json_encode($given, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)
                ?: get_debug_type($given));
    }
}
