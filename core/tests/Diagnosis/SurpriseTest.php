<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SurpriseTest extends TestCase
{
    private const NOTHING = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']];

    private const GOOD = ['kind' => 'start', 'reached' => 'stays'];

    public function test_a_record_that_fits_together_does_not_surprise(): void
    {
        $lent = [...self::GOOD, 'setup' => ['lent' => ['supply' => ['tag' => 'S-1']]]];
        $this->assertSame('none', Bench::assess([self::NOTHING, $lent, self::NOTHING])->surprise->level);
    }

    public function test_that_the_bench_sees_something_else_than_was_told_is_no_surprise(): void
    {
        $this->assertSame('none', Bench::assess([['kind' => 'report', 'reached' => 'stays'], self::NOTHING])->surprise->level);
    }

    public function test_a_machine_that_changes_is_read_both_ways(): void
    {
        $surprise = Bench::assess([
            [...self::GOOD, 'times' => 6],
            $this->supply('pass'),
            self::NOTHING,
            $this->supply('fail'),
            self::NOTHING,
        ])->surprise;
        $this->assertSame(['high', 4, 3], [$surprise->level, $surprise->entry, $surprise->changed]);
        $this->assertStringContainsString('Either entry 4 is wrong, or the machine changed just before entry 3.', $surprise->why);
    }

    public function test_one_slip_among_many_is_named(): void
    {
        $lent = [...self::GOOD, 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.99]]]];
        $surprise = Bench::assess([
            self::NOTHING,
            $this->supply('fail'),
            $this->supply('fail'),
            $this->inHost('supply', 'works'),
            $lent,
            self::NOTHING,
        ])->surprise;
        $this->assertSame(['high', 4], [$surprise->level, $surprise->entry]);
        $this->assertStringContainsString('If entry 4 is wrong, the rest fits. Repeat that one.', $surprise->why);
    }

    /** Each was named as probably wrong in a played job, and was so: a rare find is no slip yet. */
    public function test_what_was_rare_beforehand_is_not_said_to_be_wrong(): void
    {
        $fan = Bench::assess([
            ['kind' => 'report', 'reached' => 'drops'],
            self::GOOD,
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'cooler'],
        ])->surprise;
        $this->assertNull($fan->entry, $fan->why);
        $drive = Bench::assess([['kind' => 'report', 'reached' => 'drops'], ['kind' => 'start', 'reached' => 'no-drive', 'waited' => 120]]);
        $this->assertNull($drive->surprise->entry, $drive->surprise->why);
        $plug = Bench::assess([
            ['kind' => 'report', 'reached' => 'twitch'],
            ['kind' => 'start', 'reached' => 'twitch'],
            ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'off', 'which' => ['cpu-plug']],
        ])->surprise;
        $this->assertNull($plug->entry, $plug->why);
        $this->assertSame(['none', 'none', 'none'], [$fan->level, $drive->surprise->level, $plug->level]);
    }

    /** A machine taken in, tried and looked at as usual: the reading had one chance in seven, and a loose cooler explains all there is. */
    public function test_a_record_that_one_fault_explains_fits_however_rare_the_find(): void
    {
        $entries = [
            ['kind' => 'report', 'reached' => 'drops', 'often' => 'sometimes', 'only' => 'load', 'marks' => ['dust', 'consent-system']],
            self::GOOD,
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'supply-sum', 'result' => 'enough'],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'temperature', 'result' => 'fail'],
        ];
        $assessment = Bench::assess($entries);
        $this->assertSame('cooler', $assessment->suspects()[0]->part->id);
        $this->assertSame(['none', ''], [$assessment->surprise->level, $assessment->surprise->why]);
    }

    /** Played so in a world of its own, and so it was: who believes a sight at 97 % does not ask for it again. */
    public function test_what_was_seen_is_not_said_to_be_wrong_while_it_is_believed(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['fans' => 'spin', 'lamp' => 'none']];
        $look = fn (string $check, string $result): array => ['kind' => 'finding', 'check' => $check, 'result' => $result];
        $assessment = Bench::assess(
            [
                ['kind' => 'report', 'reached' => 'dark'],
                $dark,
                [...$dark, 'setup' => ['out' => ['stick-1', 'stick-2']]],
                [...$dark, 'setup' => ['out' => ['card']]],
                $look('look-inside', 'clear'),
                $look('button-test', 'good'),
                $look('processor-touch', 'warms'),
                $look('processor-list', 'listed'),
                $look('look-board', 'clear'),
                $look('look-screen', 'wrong-input'),
            ],
            ['facts' => ['status_lamps' => true]],
        );
        $this->assertGreaterThan(0.9, $assessment->standings['screen']->probability);
        $this->assertSame([null, 'none'], [$assessment->surprise->entry, $assessment->surprise->level], $assessment->surprise->why);
    }

    /** It dropped in nine plain starts, ran once sticks had been out, and went on running: whatever it was, it is more likely over. */
    public function test_a_cause_nobody_listed_may_end_by_what_was_moved(): void
    {
        $drops = ['kind' => 'start', 'reached' => 'drops'];
        $lent = fn (string $part, array $start): array => [...$start, 'setup' => ['lent' => [$part => ['tag' => "any-{$part}"]]]];
        $before = [
            ['kind' => 'report', 'reached' => 'drops'],
            [...$drops, 'times' => 3],
            $lent('drive', $drops),
            $lent('cooler', $drops),
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
            $drops,
            $lent('video-lead', $drops),
            $lent('screen', $drops),
        ];
        $moved = [...self::GOOD, 'setup' => ['out' => ['stick-2']]];
        $still = Bench::assess([...$before, $drops]);
        $this->assertLessThan(0.01, $still->sound);
        $over = Bench::assess([...$before, $moved, self::GOOD, [...self::GOOD, 'times' => 2]]);
        $this->assertGreaterThan(0.5, $over->sound);
    }

    public function test_three_faults_are_looked_into_when_no_pair_fits(): void
    {
        $assessment = Bench::assess([
            self::NOTHING,
            $this->supply('fail'),
            $this->inHost('supply', 'fails'),
            $this->inHost('drive', 'fails'),
            $this->inHost('card', 'fails'),
            $this->inHost('drive', 'fails', 'H-2'),
            $this->inHost('card', 'fails', 'H-2'),
        ]);
        $this->assertSame('none', $assessment->surprise->level, 'three faults explain every entry');
        foreach (['supply', 'drive', 'card'] as $part) {
            $this->assertGreaterThan(0.6, $assessment->standings[$part]->probability, $part);
        }
        $this->assertCount(3, $assessment->sets[0][0], implode(' + ', $assessment->sets[0][0]));
    }

    /** @return array<string, mixed> */
    private function supply(string $result): array
    {
        return ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => $result];
    }

    /** @return array<string, mixed> */
    private function inHost(string $part, string $result, string $host = 'H-1'): array
    {
        return ['kind' => 'finding', 'check' => "{$part}-in-host", 'target' => $part, 'result' => $result, 'host' => ['tag' => $host]];
    }
}
