<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Plain\ReadingEase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Texts counted by hand. Flesch 1948, from memory: 206.835 - 1.015 words to a sentence - 84.6 syllables to a word. */
final class ReadingEaseTest extends TestCase
{
    /** @return iterable<string, array{string, int, int, int}> sentences, words, syllables */
    public static function counted(): iterable
    {
        yield 'short' => ['The cat sat on the mat.', 1, 6, 6];
        yield 'two' => ['We tested it. It runs well.', 2, 6, 7];
        yield 'silent endings' => ['The machine came here with a dead board and we made it run.', 1, 13, 14];
        yield 'longer' => ['The power supply no longer worked. We are sure, because we measured it.', 2, 13, 18];
        yield 'hard' => ['Intermittent instability necessitated repairs.', 1, 4, 16];
        yield 'numbers and lines' => ["It started 10 times in a row\nThe price is 99.50", 2, 9, 10];
    }

    #[DataProvider('counted')]
    public function test_counts_as_by_hand(string $text, int $sentences, int $words, int $syllables): void
    {
        $ease = ReadingEase::of($text);
        $this->assertSame([$sentences, $words, $syllables], [$ease->sentences, $ease->words, $ease->syllables]);
        $this->assertEqualsWithDelta(206.835 - (1.015 * $words) / $sentences - (84.6 * $syllables) / $words, $ease->score(), 1e-9);
    }

    public function test_syllables(): void
    {
        foreach (
            [
                'power' => 2,
                'made' => 1,
                'table' => 2,
                'needed' => 2,
                'looked' => 1,
                'tried' => 1,
                'pages' => 2,
                'cables' => 2,
                'we' => 1,
                'memory' => 3,
                'processor' => 3,
                'machine' => 2,
                'log-in' => 2,
                'owner’s' => 2,
            ] as $word => $count
        ) {
            $this->assertSame($count, ReadingEase::syllables($word), $word);
        }
    }

    public function test_nothing_to_read_is_easy(): void
    {
        $this->assertSame(100.0, ReadingEase::of('')->score());
    }
}
