<?php

declare(strict_types=1);

namespace Orthoscope\Core\CaseFile;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The published schemas of the open formats: types and shapes, before any word is read. */
final class Schemas
{
    public const CASE = 'https://orthoscope.example/orthoscope-case-1';

    public const PRACTICE = 'https://orthoscope.example/orthoscope-practice-1';

    private const FILES = [self::CASE => 'orthoscope-case-1', self::PRACTICE => 'orthoscope-practice-1'];

    /**
     * What is wrong with data that should have a shape.
     *
     * @param  string  $schema one of the constants, or a place in it
     * @param  int  $most  mistakes after which it stops looking
     *
     * @return list<array{string, string}> path and sentence; the path of the whole is empty
     */
    public static function mistakes(string $schema, mixed $data, int $most): array
    {
        $validator = new Validator;
        $validator->setMaxErrors($most);
        foreach (self::FILES as $id => $file) {
            $validator->resolver()?->registerFile($id, dirname(__DIR__, 3)."/docs/formats/{$file}.schema.json");
        }
        $error = $validator->validate($data, $schema)->error();
        $mistakes = [];
        foreach ($error === null ? [] : (new ErrorFormatter)->format($error, true) as $path => $sentences) {
            foreach ($sentences as $sentence) {
                $mistakes[] = [$path === '/' ? '' : (string) $path, "{$sentence}."];
            }
        }

        return $mistakes;
    }
}
