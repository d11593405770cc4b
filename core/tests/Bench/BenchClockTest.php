<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Bench;

use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Bench\Timers;
use Orthoscope\Core\Bench\Wait;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Planning\Spent;
use Orthoscope\Core\Planning\TimeBox;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What takes its time at the bench, what is still off, and what the time is worth. */
final class BenchClockTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 90, 'at' => '2026-11-02T10:00:00+00:00'];

    public function test_a_board_drains_after_a_start_that_put_power_on_it(): void
    {
        $timers = Timers::of(Bench::case([self::DARK])->record, Bench::catalogue(), wantsCold: true);
        $this->assertSame(
            ['drain' => '10:00:30', 'cold' => '12:00:00'],
            array_combine(array_column($timers, 'id'), array_map(fn ($timer): string => $timer->until->format('H:i:s'), $timers)),
        );
        $this->assertSame(
            ['drain'],
            array_column(Timers::of(Bench::case([self::DARK])->record, Bench::catalogue(), wantsCold: false), 'id'),
        );
        $this->assertSame(
            [],
            Timers::of(Bench::case([['reached' => 'nothing'] + self::DARK])->record, Bench::catalogue(), wantsCold: true),
        );
        $this->assertSame(
            [],
            Timers::of(Bench::case([array_diff_key(self::DARK, ['at' => 1])])->record, Bench::catalogue(), wantsCold: true),
        );
    }

    public function test_an_update_has_a_clock_until_it_is_done(): void
    {
        $timers = fn (array ...$entries): array => array_column(Timers::of(Bench::case($entries)->record, Bench::catalogue(), false), 'id');
        $says = ['kind' => 'finding', 'check' => 'screen-says', 'at' => '2026-11-02T10:02:00+00:00'];
        $write = ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware'], 'at' => '2026-11-02T10:03:00+00:00'];
        $updating = Timers::of(Bench::case([['result' => 'updating'] + $says])->record, Bench::catalogue(), false);
        $this->assertSame(['update', '10:32', 1], [$updating[0]->id, $updating[0]->until->format('H:i'), $updating[0]->entry]);
        $this->assertSame([], $timers(['result' => 'updating'] + $says, ['result' => 'done'] + $says));
        $this->assertSame(['update'], $timers($write + ['begun' => true]));
        $this->assertSame([], $timers($write + ['begun' => true], $write));
        $this->assertSame(['update', 'drain'], $timers(['result' => 'updating'] + $says, self::DARK));
        $this->assertSame([], $timers(['result' => 'updating', 'at' => ''] + $says));
    }

    public function test_the_first_start_after_settings_or_memory_changed_is_waited_for_longer(): void
    {
        $wait = fn (array $entries, array $setUp, array $acts = []): int => Wait::for(
            Bench::case($entries)->machine,
            Bench::case($entries)->record,
            SetUp::fromArray($setUp),
            Bench::catalogue(),
            $acts,
        )->seconds;
        $this->assertSame(60, $wait([self::DARK], []));
        $this->assertSame(60, $wait([self::DARK], ['out' => ['card']]));
        $this->assertSame(120, $wait([self::DARK], ['out' => ['stick-2']]));
        $this->assertSame(120, $wait([self::DARK], [], ['clear-settings']));
        $this->assertSame(120, $wait([self::DARK, ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']]], []));
        $this->assertSame(
            60,
            $wait([['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']], self::DARK], []),
            'that start was it',
        );
        $this->assertSame(120, $wait([self::DARK, ['kind' => 'act', 'act' => 'replace', 'on' => ['processor']]], []));
        $this->assertSame(60, $wait([self::DARK, ['kind' => 'act', 'act' => 'replace', 'on' => ['card']]], []));
    }

    public function test_drying_is_shorter_after_isopropyl_alone(): void
    {
        $locked = fn (array $agent, string $now): bool => isset(
            Interlocks::of(
                Bench::case([['kind' => 'act', 'act' => 'dry', 'on' => ['board'], 'at' => '2026-11-02T10:00:00+00:00'] + $agent])->record,
                Bench::case([])->machine,
                Bench::catalogue(),
                $now,
            )->active['drying'],
        );
        $this->assertTrue($locked([], '2026-11-03T09:59:00+00:00'));
        $this->assertTrue($locked(['agent' => 'water'], '2026-11-03T09:59:00+00:00'));
        $this->assertTrue($locked(['agent' => 'isopropyl'], '2026-11-02T13:59:00+00:00'));
        $this->assertFalse($locked(['agent' => 'isopropyl'], '2026-11-02T14:00:00+00:00'));
    }

    public function test_what_came_off_is_counted_back(): void
    {
        $off = fn (array ...$entries): array => array_map(
            fn (StillOff $one): string => $one->words(),
            StillOff::in(Bench::case($entries)->record, Bench::catalogue()),
        );
        $tally = fn (string $way, string $what, string $item, int $count = 1): array => [
            'kind' => 'tally',
            'way' => $way,
            'what' => $what,
            'item' => $item,
            'count' => $count,
        ];
        $all = [$tally('off', 'plug', '24-pin'), $tally('off', 'screws', 'board', 9), $tally('off', 'setting', 'network')];
        $this->assertSame(['plug: 24-pin', '9 screws: board', 'setting: network'], $off(...$all));
        $this->assertSame(
            ['2 screws: board', 'setting: network'],
            $off(...[...$all, $tally('back', 'plug', '24-PIN'), $tally('back', 'screws', 'board', 7)]),
        );
        $this->assertSame(
            ['plug: 24-pin', '9 screws: board'],
            $off(...[...$all, ['kind' => 'strike-out', 'entry' => 3, 'text' => 'was on']]),
        );
    }

    public function test_nothing_is_proved_while_a_plug_is_off(): void
    {
        $stays = fn (array $setUp): array => ['kind' => 'start', 'reached' => 'stays', 'setup' => $setUp, 'times' => 5];
        $proved = [
            ['kind' => 'start', 'reached' => 'twitch'],
            ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
            $stays(['place' => 'bench']),
            $stays([]),
        ];
        $this->assertSame([], Bench::assess($proved)->proof->owed);
        $off = ['kind' => 'tally', 'what' => 'plug', 'item' => 'front panel', 'way' => 'off'];
        $this->assertSame(['Not back yet: plug: front panel.'], Bench::assess([...$proved, $off])->proof->owed);
        $this->assertSame([], Bench::assess([...$proved, $off, ['way' => 'back'] + $off])->proof->owed);
    }

    public function test_a_tally_without_a_name_is_refused(): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage('Say which one');
        Bench::case([['kind' => 'tally', 'what' => 'plug', 'item' => ' ', 'way' => 'off']]);
    }

    public function test_minutes_go_by_the_clock_and_by_the_book_where_it_paused(): void
    {
        $at = fn (string $time, array $entry): array => ['at' => "2026-11-02T{$time}:00+00:00"] + $entry;
        $start = ['kind' => 'start', 'reached' => 'dark'];
        $reset = ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']];
        $minutes = fn (array ...$entries): int => Spent::minutes(Bench::case($entries)->record, Bench::catalogue());
        $this->assertSame(2 + 7 + 11, $minutes($at('10:00', $start), $at('10:07', $reset), $at('10:18', $start)));
        $this->assertSame(2 + 4, $minutes($at('10:00', $start), $at('13:00', $reset)), 'a pause: the book says 4');
        $this->assertSame(2 + 4, $minutes($start, $reset), 'nobody wrote down when');
        $this->assertSame(2 + 4, $minutes($at('10:00', $start), $at('09:00', $reset)), 'clocks differ');
        $this->assertSame(2, $minutes($at('10:00', $start), $at('10:20', ['kind' => 'note', 'text' => 'tea'])));
    }

    public function test_the_box_closes_where_another_way_out_costs_less(): void
    {
        $case = Bench::case([self::DARK]);
        $advice = Bench::assess([self::DARK])->advice;
        $box = TimeBox::of($case->record, $case->machine, $advice, Bench::catalogue());
        // Board 115.00, processor 140.00, two sticks of 40.00 at 0.80 a minute, and two exchanges of 20 minutes.
        $this->assertSame((int) round((0.85 * (11500 + 14000 + 2 * 4000)) / 80 + 75), $box->box);
        $this->assertFalse($box->isOver());
        $agreed = TimeBox::of($case->record, $case->machine, $advice, Bench::catalogue(), 1600);
        $this->assertSame([20, true], [$agreed->box, $agreed->isOver()]);
        $this->assertStringContainsString('what the owner agreed to spend', $agreed->sentence());
        $this->assertStringStartsWith("Going on is likely to take {$agreed->left} min", $agreed->sentence());
        $this->assertStringStartsWith("Up to {$box->box} min", $box->sentence());
        $this->assertSame((int) round($advice->remaining), $agreed->left);
        $fresh = TimeBox::of(Bench::case([])->record, $case->machine, Bench::assess([])->advice, Bench::catalogue(), 1600);
        $this->assertSame([null, false], [$fresh->left, $fresh->isOver()], 'before the first start nobody can tell');
    }
}
