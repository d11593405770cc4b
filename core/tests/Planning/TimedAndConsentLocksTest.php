<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class TimedAndConsentLocksTest extends TestCase
{
    private const WET = [
        ['kind' => 'report', 'reached' => 'nothing', 'marks' => ['liquid'], 'at' => '2026-11-02T09:00:00+00:00'],
        ['kind' => 'act', 'act' => 'dry', 'on' => ['board'], 'at' => '2026-11-02T10:00:00+00:00'],
        ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'clear', 'at' => '2026-11-02T11:00:00+00:00'],
    ];

    public function test_drying_takes_its_hours_by_the_clock(): void
    {
        $this->assertSame(['drying'], $this->onPower(self::WET, '2026-11-02T12:00:00+00:00'));
        $this->assertSame(['drying'], $this->onPower(self::WET, '2026-11-03T09:59:00+00:00'));
        $this->assertSame([], $this->onPower(self::WET, '2026-11-03T10:00:00+00:00'));
    }

    public function test_when_it_ends_is_said(): void
    {
        $case = Bench::case(self::WET);
        $locks = Interlocks::of($case->record, $case->machine, Bench::catalogue(), '2026-11-02T12:00:00+00:00');
        $this->assertSame('2026-11-03T10:00:00+00:00', $locks->nextEnd()?->format('c'));
    }

    public function test_without_a_clock_the_look_after_drying_decides(): void
    {
        $this->assertSame([], $this->onPower(self::WET, null));
        $this->assertSame(['liquid-unseen'], $this->onPower(array_slice(self::WET, 0, 2), null));
    }

    public function test_nothing_is_touched_while_firmware_is_written(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark'];
        $begun = ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware'], 'begun' => true];
        $advice = Bench::assess([$dark, $begun])->advice;
        $this->assertSame(JobState::Locked, $advice->state);
        foreach ($advice->steps as $step) {
            $this->assertFalse($step->isOpen(), $step->candidate->name());
        }
        $done = array_diff_key($begun, ['begun' => 1]);
        $this->assertTrue(
            Bench::assess([$dark, $begun, $done])
                ->advice->step('clear')
                ?->isOpen(),
        );
    }

    public function test_nothing_beyond_the_log_in_screen_without_consent(): void
    {
        $late = ['kind' => 'start', 'reached' => 'drops'];
        foreach (['load-run', 'driver-look', 'mend-system'] as $step) {
            $this->assertFalse(
                Bench::assess([$late])
                    ->advice->step($step)
                    ?->isOpen(),
                $step,
            );
            $this->assertTrue(
                Bench::assess([['kind' => 'report', 'marks' => ['consent-system']], $late])
                    ->advice->step($step)
                    ?->isOpen(),
                $step,
            );
        }
        $this->assertTrue(
            Bench::assess([$late])
                ->advice->step('memory-test')
                ?->isOpen(),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return list<string>
     */
    private function onPower(array $entries, ?string $now): array
    {
        $case = Bench::case($entries);

        return array_map(
            fn ($active): string => $active->lock->id,
            Interlocks::of($case->record, $case->machine, Bench::catalogue(), $now)->onPower(),
        );
    }
}
