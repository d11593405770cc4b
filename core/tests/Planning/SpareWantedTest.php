<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\SpareWanted;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What nobody has is asked for where a trial with it would settle more than all that can be done now. */
final class SpareWantedTest extends TestCase
{
    private const ONLY_COLD = [
        ['kind' => 'report', 'reached' => 'twitch', 'failed' => 2, 'of' => 10, 'only' => 'cold'],
        ['kind' => 'start', 'reached' => 'twitch', 'setup' => ['temperature' => 'cold']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 4, 'setup' => ['temperature' => 'warm']],
    ];

    public function test_a_supply_is_wanted_where_none_is_free_and_the_supply_is_the_suspect(): void
    {
        $wanted = SpareWanted::in(Bench::assess(self::ONLY_COLD, [], [])->advice);
        $this->assertContains('supply', array_slice(array_column($wanted, 'kind'), 0, 2));
        $this->assertStringContainsString('none is free', $wanted[0]->words());
    }

    public function test_nothing_is_wanted_that_is_there(): void
    {
        $shelf = [['tag' => 'S-1', 'kind' => 'supply'], ['tag' => 'L-1', 'kind' => 'wall-lead']];
        $this->assertSame([], SpareWanted::in(Bench::assess(self::ONLY_COLD, [], $shelf)->advice));
    }

    public function test_what_would_save_time_is_said_in_minutes(): void
    {
        $lamp = [['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']]];
        $words = array_map(fn (SpareWanted $one): string => $one->words(), SpareWanted::in(Bench::assess($lamp, [], [])->advice));
        $this->assertNotSame([], $words);
        $this->assertMatchesRegularExpression('/^Lend a known-good stick.* would (save about \\d+ minutes|tell more)/', $words[0]);
    }
}
