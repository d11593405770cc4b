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

    public function test_heat_comes_first_and_sizing_among_the_first_four(): void
    {
        $first = array_map(
            fn (NextStep $step): string => $step->candidate->step->id,
            array_slice(Bench::assess(self::GOES_OFF)->advice->steps, 0, 4),
        );
        $this->assertContains('supply-sum', $first);
        $this->assertContains('temperature', array_slice($first, 0, 2));
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
