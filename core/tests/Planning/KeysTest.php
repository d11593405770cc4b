<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What ends a lock is worth what it lets be done, though it tells nothing by itself. */
final class KeysTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['fans' => 'spin', 'beeps' => 'graphics']];

    public function test_a_supply_nobody_suspects_is_measured_so_that_a_good_card_can_be_lent(): void
    {
        $assessed = $this->allThatNeedsNoSpare();
        $lend = $assessed->advice->step('lend-card');
        $this->assertSame(['supply-untested'], $this->locks($lend));
        $this->assertGreaterThan(0.0, $lend?->saves);
        $tester = $assessed->advice->step('supply-tester');
        $this->assertSame($lend?->candidate, $tester?->opening?->opened->candidate);
        $this->assertSame(0.0, round($lend->saves - $tester->minutes - $tester->saves, 6));
        $this->assertMatchesRegularExpression(
            '/^Supply on the tester unlocks what is worth about \d+ minutes?: lend the plainest graphics card$/',
            $tester->opening->inWords(),
        );
    }

    public function test_once_it_was_measured_the_card_is_lent(): void
    {
        $assessed = $this->allThatNeedsNoSpare([['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass']]);
        $lend = $assessed->advice->step('lend-card');
        $this->assertSame([], $this->locks($lend));
        $this->assertGreaterThan(0.0, $lend?->saves);
        $this->assertNull($assessed->advice->step('supply-tester'));
    }

    public function test_what_two_locks_bar_takes_both_keys(): void
    {
        $assessed = $this->allThatNeedsNoSpare();
        $this->assertSame(['supply-untested', 'pins-unseen'], $this->locks($assessed->advice->step('lend-processor')));
        foreach ($assessed->advice->steps as $step) {
            $this->assertTrue($step->opening === null || $step->isOpen(), $step->candidate->name());
            foreach ($step->opening->keys ?? [] as $key) {
                $this->assertNotNull($key->step->check, $key->name());
            }
        }
    }

    /** @return list<string> */
    private function locks(?NextStep $step): array
    {
        return array_map(fn ($lock): string => $lock->lock->id, $step->lockedBy ?? []);
    }

    /** @param  list<array<string, mixed>>  $then */
    private function allThatNeedsNoSpare(array $then = []): Assessment
    {
        $start = fn (array $setUp): array => [...self::DARK, 'setup' => $setUp];
        $lent = fn (string $part): array => ['lent' => [$part => ['tag' => "good-{$part}", 'trust' => 0.97]]];

        return Bench::assess([
            self::DARK,
            $start(['out' => ['devices']]),
            $start(['moved' => ['card' => 'second']]),
            $start($lent('video-lead')),
            $start($lent('screen')),
            $start(['output' => 'other']),
            $start(['out' => ['stick-2']]),
            $start(['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']]),
            $start(['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']]),
            ['kind' => 'finding', 'check' => 'look-card', 'target' => 'card', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'card-in-host', 'target' => 'card', 'result' => 'works'],
            ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
            self::DARK,
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['card-slot', 'card-plug']],
            self::DARK,
            ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
            ...$then,
        ]);
    }
}
