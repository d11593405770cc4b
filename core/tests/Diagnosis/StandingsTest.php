<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Which entries make a part stand where it stands. */
final class StandingsTest extends TestCase
{
    private const NOTHING = ['kind' => 'start', 'reached' => 'nothing'];

    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    public function test_low_probability_alone_clears_nothing(): void
    {
        $assessment = Bench::assess([self::DARK]);
        $this->assertLessThan(0.05, $assessment->standings['processor']->probability);
        $this->assertNotSame('proved', $assessment->standings['processor']->standing->value);
    }

    public function test_high_probability_alone_condemns_nothing(): void
    {
        $assessment = Bench::assess([
            ['kind' => 'report', 'events' => ['spill']],
            self::NOTHING,
            ['kind' => 'start', 'reached' => 'twitch', 'times' => 3],
        ]);
        $this->assertNotContains('condemned', array_map(fn ($s): string => $s->standing->value, $assessment->standings));
    }

    public function test_a_donor_that_came_in_with_the_failing_start_confirms_nothing(): void
    {
        $alone = fn (array $more): array => [...self::DARK, 'setup' => ['out' => ['stick-2'], ...$more]];
        $good = [...$alone(['moved' => ['stick-1' => 'slot-B2']]), 'reached' => 'stays'];
        $assessment = Bench::assess([$alone([]), $good, $alone(['lent' => ['stick-1' => ['tag' => 'M-1', 'trust' => 0.97]]])]);
        $this->assertNotContains(Ground::CameBack, $this->grounds($assessment, 'slot-A2'));
        $own = Bench::assess([$alone([]), $good, $alone([])]);
        $this->assertContains(Ground::CameBack, $this->grounds($own, 'slot-A2'));
    }

    public function test_something_done_in_between_confirms_nothing(): void
    {
        $swap = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]];
        $act = ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']];
        $this->assertContains(Ground::CameBack, $this->grounds(Bench::assess([self::NOTHING, $swap, self::NOTHING]), 'supply'));
        $this->assertNotContains(Ground::CameBack, $this->grounds(Bench::assess([self::NOTHING, $swap, $act, self::NOTHING]), 'supply'));
    }

    public function test_taking_all_memory_out_says_nothing_against_memory_where_memory_stops_it(): void
    {
        $assessment = Bench::assess([self::DARK, [...self::DARK, 'setup' => ['out' => ['stick-1', 'stick-2']]]]);
        $this->assertNotContains(Ground::NoChange, $this->grounds($assessment, 'stick-1'));
    }

    public function test_a_new_part_is_not_proved_by_what_the_old_one_did(): void
    {
        $entries = [['kind' => 'start', 'reached' => 'stays'], ['kind' => 'act', 'act' => 'replace', 'on' => ['card']]];
        $this->assertNotSame('proved', Bench::assess($entries)->standings['card']->standing->value);
        $this->assertSame(
            'proved',
            Bench::assess([...$entries, ['kind' => 'start', 'reached' => 'stays', 'times' => 2]])->standings['card']->standing->value,
        );
    }

    public function test_the_verdict_on_an_old_part_outlives_it(): void
    {
        $assessment = Bench::assess([
            self::NOTHING,
            ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
        ]);
        $this->assertSame('proved', $assessment->standings['supply']->standing->value);
        $this->assertSame('condemned', $assessment->standings['supply']->replaced?->standing->value);
        $this->assertSame(['supply'], array_map(fn ($s): string => $s->part->id, $assessment->causes()));
    }

    public function test_what_lies_behind_an_early_stop_is_hidden(): void
    {
        $assessment = Bench::assess([[...self::NOTHING, 'signs' => ['standby' => 'off']]]);
        foreach (['stick-1', 'card', 'drive', 'system', 'screen'] as $part) {
            $this->assertSame('hidden', $assessment->standings[$part]->standing->value, $part);
        }
        $this->assertSame('standby', Bench::catalogue()->stopId((int) $assessment->stop?->likeliest()));
        $this->assertLessThan(0.1, $assessment->stop?->tried(6));
    }

    public function test_the_case_is_read_back_in_sentences(): void
    {
        $retrace = implode(
            ' ',
            Bench::assess([
                self::DARK,
                ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
                self::DARK,
                [...self::DARK, 'setup' => ['lent' => ['card' => ['tag' => 'G-1', 'trust' => 0.97]]]],
            ])->retrace,
        );
        $this->assertMatchesRegularExpression(
            '/\(3\).*\(4\): no change in where it stops, so it is none of the .*settings.* alone/',
            $retrace,
        );
        $this->assertMatchesRegularExpression('/Not tested:.*Drive/', $retrace);
    }

    public function test_a_record_that_contradicts_itself_names_the_entry(): void
    {
        $noDrive = ['kind' => 'start', 'reached' => 'no-drive', 'times' => 3];
        $entries = [
            $noDrive,
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
            $noDrive,
            [...self::NOTHING, 'times' => 2],
            $noDrive,
        ];
        $surprise = Bench::assess($entries)->surprise;
        $this->assertSame(['high', 4], [$surprise->level, $surprise->entry]);
        $this->assertStringContainsString('If entry 4 is wrong', $surprise->why);
        unset($entries[3]);
        $this->assertSame('none', Bench::assess(array_values($entries))->surprise->level);
    }

    /** @return list<Ground> */
    private function grounds(Assessment $assessment, string $part): array
    {
        return array_map(fn (Because $b): Ground => $b->ground, $assessment->standings[$part]->because);
    }
}
