<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is attached to look may itself stop a board. */
final class ToolsAttachedTest extends TestCase
{
    private const WITH = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['attached' => ['code-card']]];

    public function test_it_comes_off_first_and_only_where_something_is_attached(): void
    {
        $steps = fn (array $entries): array => array_map(
            fn (NextStep $step): string => $step->candidate->step->id,
            Bench::assess($entries)->advice->steps,
        );
        $this->assertSame('take-off', $steps([self::WITH])[0]);
        $this->assertNotContains('start', $steps([self::WITH]), 'The same start twice under two names.');
        $this->assertNotContains('take-off', $steps([['setup' => []] + self::WITH]));
    }

    public function test_the_tool_is_a_suspect_until_the_same_shows_without_it(): void
    {
        $bad = function (array $entries): float {
            $replay = Bench::replay($entries);

            return $replay->belief->hasAny([(int) $replay->model->modes->ofSpare(Mode::tool('code-card'), 'board') => true]);
        };
        $ran = ['kind' => 'start', 'reached' => 'stays'];
        $this->assertGreaterThan(0.22, $bad([$ran, self::WITH]));
        $this->assertGreaterThan(0.35, $bad([$ran, self::WITH, $ran]), 'The other half is what comes and goes.');
        $this->assertLessThan(0.1, $bad([$ran, self::WITH, ['setup' => []] + self::WITH]));
        $this->assertSame('a code card', Mode::outsider(Mode::tool('code-card')));
    }

    public function test_a_clean_start_with_it_on_proves_nothing_for_the_hand_back(): void
    {
        $proof = Bench::assess([
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board']],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench', 'attached' => ['clip']]],
        ])->proof;
        $this->assertNull($proof->outside);
    }

    public function test_a_tool_nobody_knows_is_told(): void
    {
        $this->expectException(CaseMistake::class);
        Bench::case([['setup' => ['attached' => ['magnet']]] + self::WITH]);
    }
}
