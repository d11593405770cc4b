<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\CaseFile\Schemas;

/** The published schema of a practice machine. */
final class PuzzleShape
{
    /** Mistakes after which it stops looking. */
    private const MOST = 20;

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @return list<PuzzleMistake>
     */
    public static function mistakes(array $given): array
    {
        // An empty machine is the usual one: an object, though an empty array says neither.
        $given['machine'] = (object) ($given['machine'] ?? []);
        $data = json_decode(json_encode($given, JSON_THROW_ON_ERROR));

        return array_map(
            fn (array $mistake): PuzzleMistake => PuzzleMistake::at(...$mistake),
            Schemas::mistakes(Schemas::PRACTICE, $data, self::MOST),
        );
    }
}
