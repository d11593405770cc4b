<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Proving;

use Orthoscope\Core\Proving\WayToProve;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WayToProveTest extends TestCase
{
    private const WELL = ['kind' => 'start', 'reached' => 'stays'];

    /** Failed at the picture now and then, and a slot was cleaned. */
    private const NOW_AND_THEN = [
        ['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 2], 'waited' => 120],
        ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot']],
        self::WELL,
    ];

    /** Dropped out at work, and its cooler got fresh paste. */
    private const AT_WORK = [
        ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']],
        ['kind' => 'finding', 'check' => 'temperature', 'result' => 'fail'],
        ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']],
        self::WELL,
    ];

    /** @return array<string, array{list<array<string, mixed>>, Goal, array<string, mixed>}> */
    public static function jobs(): array
    {
        return [
            'now and then' => [self::NOW_AND_THEN, Goal::System, self::WELL],
            'at work' => [self::AT_WORK, Goal::Load, [...self::WELL, 'setup' => ['goal' => 'load']]],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $trial
     */
    #[DataProvider('jobs')]
    public function test_so_many_trials_suffice_and_one_less_does_not(array $entries, Goal $goal, array $trial): void
    {
        $replay = Bench::replay($entries);
        $asked = 0.5 + 0.5 * $replay->sound();
        $way = WayToProve::to($asked, $replay, Bench::catalogue());
        $this->assertNotNull($way);
        $this->assertSame($goal, $way->setUp->goal);
        $sound = fn (int $times): float => Bench::replay([...$entries, ...$times === 0 ? [] : [['times' => $times] + $trial]])->sound();
        $this->assertGreaterThanOrEqual($asked, $sound($way->times));
        $this->assertLessThan($asked, $sound($way->times - 1));
        $each = Bench::catalogue()->number('start_minutes') + ($goal === Goal::Load ? Bench::catalogue()->number('load_minutes') : 0.0);
        $this->assertSame($way->times * $each, $way->minutes);
        $this->assertStringContainsString($goal === Goal::Load ? 'at work' : 'clean start', $way->sentence());
    }

    public function test_what_fails_only_cold_is_proved_cold(): void
    {
        $cold = ['setup' => ['temperature' => 'cold']];
        $entries = [
            ['kind' => 'report', 'reached' => 'dark', 'only' => 'cold'],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'times' => 2] + $cold,
            ['times' => 3] + self::WELL,
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2', 'slot-B2']],
            self::WELL + $cold,
        ];
        $replay = Bench::replay($entries);
        $asked = $replay->sound() + 0.02;
        $way = WayToProve::to($asked, $replay, Bench::catalogue(), 'cold');
        $this->assertSame(Temperature::Cold, $way?->setUp->temperature);
        $this->assertStringContainsString('after standing cold', $way->sentence());
        // Nothing else is offered, though by belief alone plain starts were cheaper: they were not made so.
        $this->assertSame(Goal::System, WayToProve::to($asked, $replay, Bench::catalogue())?->setUp->goal);
        $this->assertNull(WayToProve::to(0.999, $replay, Bench::catalogue(), 'cold'));
        $this->assertSame(Goal::Load, WayToProve::to($asked, $replay, Bench::catalogue(), 'hours')?->setUp->goal);
    }

    public function test_what_nobody_worked_on_is_proved_by_no_start(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'times' => 2];
        $this->assertNull(WayToProve::to(0.9, Bench::replay([$dark]), Bench::catalogue()));
    }

    public function test_the_proof_says_what_brings_it_there_or_that_nothing_does(): void
    {
        $owed = fn (array ...$entries): string => implode(' ', Bench::assess(array_values($entries))->proof->owed);
        $dark = ['kind' => 'report', 'reached' => 'dark'];
        $flat = ['kind' => 'finding', 'check' => 'cell-reading', 'result' => 'fail'];
        $cell = ['kind' => 'act', 'act' => 'replace-cell', 'on' => ['cell']];
        $this->assertMatchesRegularExpression(
            '/90 % is asked\. \d more clean starts bring it there\./',
            $owed($dark, $flat, $cell, self::WELL),
        );
        $this->assertStringContainsString('90 % is asked. Clean starts raise it.', $owed($dark, $flat, $cell));
        $this->assertStringContainsString('What is at fault is put right first.', $owed($dark));
        $seat = ['kind' => 'act', 'act' => 'reseat', 'on' => ['cpu-plug']];
        $this->assertStringContainsString('Ten clean starts, or two runs at work, do not bring it there', $owed($dark, $seat, self::WELL));
    }
}
