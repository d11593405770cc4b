<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\CaseFile;

use Orthoscope\Core\CaseFile\JsonLines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JsonLinesTest extends TestCase
{
    private const TEXT = <<<'JSON'
    {
      "format": "orthoscope-case/1",
      "machine": { "memory": { "slots": ["A1",
                                         "A2"] } },
      "entries": [
        { "kind": "start", "text": "a \"brace\" } in text",
          "reached": "dark" },
        { "kind": "note", "a/b": 1.5e3 }
      ]
    }
    JSON;

    public function test_every_value_has_its_line(): void
    {
        $lines = JsonLines::of(self::TEXT);
        $this->assertNull($lines->brokenLine());
        foreach (
            [
                '' => 1,
                '/format' => 2,
                '/machine/memory/slots/1' => 4,
                '/entries/0' => 6,
                '/entries/0/reached' => 7,
                '/entries/1/kind' => 8,
                '/entries/1/a~1b' => 8,
            ] as $path => $line
        ) {
            $this->assertSame($line, $lines->line($path), $path);
        }
    }

    public function test_what_is_missing_has_the_line_of_what_should_hold_it(): void
    {
        $this->assertSame(8, JsonLines::of(self::TEXT)->line('/entries/1/text'));
        $this->assertSame(5, JsonLines::of(self::TEXT)->line('/entries/7/kind'));
    }

    /** @return iterable<string, array{string, int}> */
    public static function broken(): iterable
    {
        yield 'a comma too many' => ["{\n\"a\": 1,\n}", 3];
        yield 'never closed' => ["{\n\"a\": [1,\n2", 3];
        yield 'something after it' => ["{}\n\nx", 3];
        yield 'a word nobody knows' => ["[1,\nyes]", 2];
        yield 'nothing at all' => ['', 1];
    }

    #[DataProvider('broken')]
    public function test_the_line_where_it_stops_being_json(string $text, int $line): void
    {
        $this->assertSame($line, JsonLines::of($text)->brokenLine());
    }
}
