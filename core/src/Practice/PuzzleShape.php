<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The published schema of a practice machine: types and shapes, before any word is read. */
final class PuzzleShape
{
    private const ID = 'https://orthoscope.example/orthoscope-practice-1';

    private const CASE = 'https://orthoscope.example/orthoscope-case-1';

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @return list<PuzzleMistake>
     */
    public static function mistakes(array $given): array
    {
        $validator = new Validator;
        $validator->setMaxErrors(20);
        $formats = dirname(__DIR__, 3).'/docs/formats';
        $validator->resolver()?->registerFile(self::ID, "{$formats}/orthoscope-practice-1.schema.json");
        $validator->resolver()?->registerFile(self::CASE, "{$formats}/orthoscope-case-1.schema.json");
        // An empty machine is the usual one: an object, though an empty array says neither.
        $given['machine'] = (object) ($given['machine'] ?? []);
        $error = $validator->validate(json_decode(json_encode($given, JSON_THROW_ON_ERROR)), self::ID)->error();
        $mistakes = [];
        foreach ($error === null ? [] : (new ErrorFormatter)->format($error, true) as $path => $sentences) {
            foreach ($sentences as $sentence) {
                $mistakes[] = PuzzleMistake::at($path === '/' ? '' : $path, $sentence.'.');
            }
        }

        return $mistakes;
    }
}
