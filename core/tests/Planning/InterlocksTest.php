<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Interlocks filter before anything is ranked. */
final class InterlocksTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function marks(): iterable
    {
        yield 'liquid' => ['liquid'];
        yield 'burnt' => ['burnt'];
        yield 'socket' => ['socket'];
    }

    #[DataProvider('marks')]
    public function test_a_mark_at_arrival_locks_every_step_that_applies_power(string $mark): void
    {
        $steps = Bench::assess([['kind' => 'report', 'marks' => [$mark]]])->advice->steps;
        $powered = array_filter($steps, fn (NextStep $step): bool => $step->candidate->step->power);
        $this->assertGreaterThan(10, count($powered));
        foreach ($powered as $step) {
            $this->assertFalse($step->isOpen(), $step->candidate->name());
        }
        $this->assertTrue($steps[0]->isOpen());
        $this->assertFalse($steps[0]->candidate->step->power);
    }

    public function test_parcel_damage_locks_nothing(): void
    {
        $this->assertFalse(Bench::assess([['kind' => 'report', 'marks' => ['parcel']]])->locks->powerIsLocked());
    }

    public function test_a_lead_can_set_a_lock_aside_with_a_reason(): void
    {
        $told = ['kind' => 'report', 'marks' => ['socket']];
        $this->assertTrue(Bench::assess([$told])->locks->powerIsLocked());
        $this->assertFalse(
            Bench::assess([$told, ['kind' => 'override', 'lock' => 'socket', 'text' => 'Looked at it myself']])->locks->powerIsLocked(),
        );
    }

    public function test_a_lock_comes_back_when_it_is_raised_again(): void
    {
        $entries = [['kind' => 'report', 'marks' => ['socket']], ['kind' => 'finding', 'check' => 'look-socket', 'result' => 'clear']];
        $this->assertFalse(Bench::assess($entries)->locks->powerIsLocked());
        $this->assertTrue(
            Bench::assess([...$entries, ['kind' => 'finding', 'check' => 'look-socket', 'result' => 'bent']])->locks->powerIsLocked(),
        );
    }

    public function test_no_dear_spare_before_the_supply_is_tested(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 90];
        $tested = ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'];
        $this->assertFalse(
            Bench::assess([$dark])
                ->advice->step('lend-card')
                ?->isOpen(),
        );
        $this->assertTrue(
            Bench::assess([$dark, $tested])
                ->advice->step('lend-card')
                ?->isOpen(),
        );
        $this->assertTrue(
            Bench::assess([$dark])
                ->advice->step('lend-video')
                ?->isOpen(),
            'a cheap lead may be lent',
        );
        $this->assertTrue(
            Bench::assess([$dark])
                ->advice->step('lend-supply')
                ?->isOpen(),
            'a lent supply replaces the doubtful one',
        );
    }

    public function test_without_a_spare_that_fits_a_step_cannot_be_done_here(): void
    {
        $assessment = Bench::assess([['kind' => 'start', 'reached' => 'nothing']], [], []);
        $this->assertTrue($assessment->advice->step('lend-supply')?->candidate->lacksSpare);
        $this->assertFalse($assessment->advice->step('lend-supply')->isOpen());
    }

    public function test_a_spare_that_does_not_fit_is_not_lent(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 90];
        $shelf = fn (string $type): array => [['tag' => 'M-1', 'kind' => 'stick', 'fits' => ['memory' => $type]]];
        $machine = ['platform' => ['memory' => 'DDR4']];
        $this->assertSame('M-1', Bench::assess([$dark], $machine, $shelf('DDR4'))->advice->step('lend-stick')?->candidate->spare?->tag);
        $this->assertTrue(Bench::assess([$dark], $machine, $shelf('DDR3'))->advice->step('lend-stick')?->candidate->lacksSpare);
    }

    public function test_nothing_is_opened_before_the_first_start(): void
    {
        foreach (Bench::assess([['kind' => 'report', 'reached' => 'dark']])->advice->steps as $step) {
            $this->assertFalse($step->candidate->step->opens, $step->candidate->name());
        }
    }
}
