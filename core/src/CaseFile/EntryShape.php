<?php

declare(strict_types=1);

namespace Orthoscope\Core\CaseFile;

use Orthoscope\Core\Evidence\CaseMistake;

/** The published schema of a case file, for a whole file or for one written entry: types and shapes, before any word is read. */
final class EntryShape
{
    /**
     * @param  array<string, mixed>  $written
     *
     * @throws CaseMistake when a field has the wrong type or is missing
     */
    public static function check(array $written): void
    {
        $mistakes = self::against(Schemas::CASE.'#/$defs/entry', self::asObject($written), 1);
        if ($mistakes !== []) {
            throw $mistakes[0];
        }
    }

    /**
     * Fields that are empty are left out: whether an empty array is a list or an object can no longer be told, and it
     * says nothing.
     *
     * @param  array<string, mixed>  $written
     */
    private static function asObject(array $written): object
    {
        $filled = array_filter($written, fn (mixed $value): bool => $value !== []);
        if (is_array($filled['setup'] ?? null)) {
            $filled['setup'] = (object) array_filter($filled['setup'], fn (mixed $value): bool => $value !== []);
        }

        return (object) json_decode(json_encode($filled, JSON_THROW_ON_ERROR));
    }

    /** @return list<CaseMistake> */
    public static function mistakesOfFile(mixed $decoded): array
    {
        return self::against(Schemas::CASE, $decoded, 20);
    }

    /** @return list<CaseMistake> */
    private static function against(string $schema, mixed $data, int $most): array
    {
        return array_map(fn (array $mistake): CaseMistake => CaseMistake::at(...$mistake), Schemas::mistakes($schema, $data, $most));
    }
}
