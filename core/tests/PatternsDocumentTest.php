<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests;

use PHPUnit\Framework\TestCase;

/** The figures of docs/PATTERNS.md are those that were measured, and they are within what is promised. */
final class PatternsDocumentTest extends TestCase
{
    public function test_patterns(): void
    {
        $figures = $this->figures('patterns');
        $this->assertLessThanOrEqual(1.0, $figures['false_a_year'], 'at most one false pattern in a year of 1,000 jobs');
        $this->assertSame(1000, $figures['jobs']);
        $table = $this->table('patterns');
        foreach (
            [
                sprintf('%.2f on average, %d at most', $figures['false_a_year'], $figures['most_in_a_year']),
                "{$figures['found']} of {$figures['years']}",
                "{$figures['days']['middle']} in the middle; eight of ten between {$figures['days']['low']} and {$figures['days']['high']}",
                "{$figures['jobs_of_model']['middle']} in the middle; eight of ten between {$figures['jobs_of_model']['low']} and "
                    ."{$figures['jobs_of_model']['high']}",
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $table);
        }
    }

    public function test_forecasts_hold_eight_times_in_ten(): void
    {
        $figures = $this->figures('forecast');
        $this->assertGreaterThanOrEqual(0.75, $figures['held']);
        $this->assertLessThanOrEqual(0.85, $figures['held']);
        $table = $this->table('forecast');
        foreach ($figures['by'] as $stop => $one) {
            $this->assertStringContainsString(sprintf('| %s | %d | %.1f %% |', $stop, $one['of'], 100 * $one['held']), $table);
        }
        $this->assertStringContainsString(sprintf('| all | %d | %.1f %% |', $figures['moments'], 100 * $figures['held']), $table);
    }

    /** @return array<string, mixed> */
    private function figures(string $name): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 2)."/docs/patterns/{$name}.json"), true, 16, JSON_THROW_ON_ERROR);
    }

    private function table(string $name): string
    {
        $this->assertSame(
            1,
            preg_match(
                "/<!-- {$name} -->(.*?)<!-- end -->/s",
                (string) file_get_contents(dirname(__DIR__, 2).'/docs/PATTERNS.md'),
                $found,
            ),
        );

        return $found[1];
    }
}
