<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A machine that goes off at work: sizing and heat are asked before anything is swapped (common practice, no source). */
final class ShutOffAtWorkTest extends TestCase
{
    private const GOES_OFF = [
        ['kind' => 'report', 'reached' => 'drops', 'only' => 'load'],
        ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']],
    ];

    public function test_heat_comes_first_and_sizing_before_anything_is_swapped(): void
    {
        $steps = Bench::assess(self::GOES_OFF)->advice->steps;
        $first = array_map(fn (NextStep $step): string => $step->candidate->step->id, $steps);
        $this->assertContains('temperature', array_slice($first, 0, 2));
        $this->assertContains('supply-sum', $first);
        $before = array_slice($steps, 0, (int) array_search('supply-sum', $first, true));
        $records = array_map(fn (NextStep $step): string => $step->candidate->step->record, $before);
        $this->assertSame(['check'], array_values(array_unique($records)));
    }

    public function test_before_the_first_start_it_is_not_put_right_what_only_lets_a_machine_start(): void
    {
        $acts = fn (string $told): array => array_filter(
            Bench::assess([['kind' => 'report', 'reached' => $told]])->advice->steps,
            fn (NextStep $step): bool => $step->candidate->step->record === 'act',
        );
        $this->assertSame([], $acts('drops'));
        $this->assertNotSame([], $acts('nothing'), 'a switch that is off is a start away');
    }

    public function test_a_condition_is_named_once(): void
    {
        $steps = Bench::assess([self::GOES_OFF[0]])->advice;
        $this->assertSame('Start it cold, after standing, and run it at work', $steps->step('start-cold')?->candidate->name());
        $this->assertSame('Run it at work', $steps->step('load-run')?->candidate->name());
    }

    public function test_what_it_is_worth_is_said_of_one_minute_too(): void
    {
        $why = Bench::assess([
            ['kind' => 'report', 'reached' => 'drops', 'often' => 'sometimes', 'only' => 'load', 'marks' => ['dust', 'consent-system']],
            ['kind' => 'start', 'reached' => 'stays'],
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'supply-sum', 'result' => 'enough'],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
        ])->advice->why;
        $this->assertMatchesRegularExpression('/ is worth about (1 minute|[2-9] minutes|\d\d+ minutes)\.$/', $why);
    }

    public function test_another_supply_runs_it_under_the_same_load_once_the_owner_lets_it(): void
    {
        $lend = fn (array $entries): ?NextStep => Bench::assess($entries)->advice->step('lend-supply');
        $this->assertStringContainsString('run it at work', $lend(self::GOES_OFF)?->candidate->name() ?? '');
        $this->assertFalse($lend(self::GOES_OFF)?->isOpen(), 'Hard work goes beyond the log-in screen.');
        $agreed = [[...self::GOES_OFF[0], 'marks' => ['consent-system']], self::GOES_OFF[1]];
        $this->assertTrue($lend($agreed)?->isOpen());
    }
}
