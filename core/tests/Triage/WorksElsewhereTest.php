<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Triage\WorksElsewhere;
use PHPUnit\Framework\TestCase;

final class WorksElsewhereTest extends TestCase
{
    private const MAKER = ['kind' => 'trial', 'who' => 'maker', 'where' => 'elsewhere', 'reached' => 'stays', 'temperature' => 'warm'];

    /** @param  list<array<string, mixed>>  $entries */
    private static function in(array $entries): ?WorksElsewhere
    {
        return WorksElsewhere::in(Bench::case($entries)->record, Bench::catalogue());
    }

    public function test_what_ran_there_and_fails_here_proves_no_part_and_asks_for_what_differs(): void
    {
        $found = self::in([self::MAKER, ['kind' => 'start', 'reached' => 'dark', 'setup' => ['temperature' => 'cold']]]);
        $this->assertTrue($found?->ranThere);
        $this->assertStringContainsString('It ran where its maker tried it, and fails here. That proves no part.', $found->sentence());
        $this->assertStringContainsString('warm there, cold here', $found->sentence());
        $this->assertStringContainsString('leads, screen and its input', $found->sentence());
        $this->assertSame(['warm, after a run', 'out of its case'], array_keys($found->try), 'Cold was tried; hours it does not reach.');
    }

    public function test_what_fails_there_and_runs_here_asks_for_hours_too(): void
    {
        $owner = ['kind' => 'trial', 'who' => 'owner', 'reached' => 'dark'];
        $found = self::in([$owner, ['kind' => 'start', 'reached' => 'stays']]);
        $this->assertFalse($found?->ranThere);
        $this->assertStringContainsString('how warm it was', $found->sentence());
        $this->assertArrayHasKey('for hours', $found->try);
    }

    public function test_there_is_nothing_to_say_where_they_agree_or_something_was_changed(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark'];
        $this->assertNull(self::in([$dark]));
        $this->assertNull(self::in([['reached' => 'dark'] + self::MAKER, $dark]));
        $this->assertNull(self::in([self::MAKER]));
        $this->assertNull(self::in([self::MAKER + ['out' => ['stick-2']], $dark]), 'A stick was out: that is a trial of the stick.');
        $this->assertNull(self::in([self::MAKER, ['setup' => ['out' => ['stick-2']]] + $dark]));
    }
}
