<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Planning\Advice;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What never failed here is tried on as long as that is worth more than the comeback it may spare. */
final class TrialBeforeLeavingTest extends TestCase
{
    private const MAY_SHOW = 'before it goes back: what it was brought for may still show.';

    private const RAN = [
        ['kind' => 'report', 'reached' => 'stays', 'marks' => ['consent-system']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
        ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
        ['kind' => 'finding', 'check' => 'starts-alone', 'result' => 'waits'],
        ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug', 'card-plug', 'panel', 'drive-lead', 'wall-lead']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
        ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2', 'slot-B2']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'],
        ['kind' => 'finding', 'check' => 'supply-sum', 'result' => 'enough'],
        ['kind' => 'finding', 'check' => 'temperature', 'result' => 'pass'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['goal' => 'load']],
    ];

    /** @return array<string, mixed> that the step was made and went well, as a record has it */
    private function wentWell(NextStep $step): array
    {
        $setUp = $step->candidate->setUp;
        $this->assertNotNull($setUp);
        $this->assertTrue($setUp->changesNoPart(), $step->candidate->name());

        return ['kind' => 'start', 'reached' => 'stays', 'setup' => array_filter([
            'goal' => $setUp->goal->value,
            'temperature' => $setUp->temperature?->value,
        ])];
    }

    private function fails(NextStep $step): float
    {
        $failing = array_filter($step->outcomes, fn (Outcome $one): bool => Catalogue::shipped()->isFailure($one->result));

        return array_sum(array_map(fn (Outcome $one): float => $one->probability, $failing));
    }

    /** @return list<Advice> until it is left, or another thing is asked for */
    private function triedOn(): array
    {
        $record = self::RAN;
        $all = [Bench::assess($record)->advice];
        while (count($all) < 20 && ! end($all)->left) {
            $advice = end($all);
            $record[] = $advice->state === JobState::Repair && $advice->repair !== null
                ? ['kind' => 'act', 'act' => $advice->repair->act->id, 'on' => [$advice->repair->part->id]]
                : $this->wentWell($advice->steps[0]);
            $all[] = Bench::assess($record)->advice;
        }

        return $all;
    }

    public function test_it_is_run_at_work_before_anything_else_of_the_kind(): void
    {
        $advice = Bench::assess(array_slice(self::RAN, 0, -1))->advice;
        $this->assertSame('load-run', $advice->steps[0]->candidate->id(), $advice->why);
    }

    public function test_it_is_tried_on_and_then_left(): void
    {
        $all = $this->triedOn();
        $this->assertStringEndsWith(self::MAY_SHOW, $all[0]->why);
        $this->assertFalse($all[0]->left);
        $left = end($all);
        $this->assertTrue($left->left, 'a machine that is sound is not kept for ever: '.$left->why);
        $this->assertNull($left->repair);
        $this->assertStringStartsWith('It runs here', $left->why);
        $this->assertLessThan(12, count($all));
    }

    public function test_each_trial_is_worth_its_minutes_by_the_comeback_it_may_spare(): void
    {
        $comeback = Catalogue::shipped()->number('comeback_minutes');
        $asked = array_filter($this->triedOn(), fn (Advice $advice): bool => str_ends_with($advice->why, self::MAY_SHOW));
        $this->assertNotSame([], $asked);
        foreach ($asked as $advice) {
            $step = $advice->steps[0];
            $this->assertGreaterThan(0.9 * $step->minutes, $this->fails($step) * $comeback, $step->candidate->name());
        }
    }

    public function test_what_runs_here_is_not_handed_on(): void
    {
        $isPlanned = fn (Advice $advice): bool => str_starts_with($advice->why, 'No test is worth its minutes now');
        $cheap = array_filter($this->triedOn(), $isPlanned);
        $this->assertNotSame([], $cheap);
        foreach ($cheap as $advice) {
            $this->assertStringNotContainsString('specialist', $advice->why);
        }
    }

    public function test_without_consent_it_is_not_run_at_work(): void
    {
        $unasked = [['kind' => 'report', 'reached' => 'stays'], ...array_slice(self::RAN, 1, -1)];
        $advice = Bench::assess($unasked)->advice;
        $this->assertFalse($advice->steps[0]->candidate->needsConsent(), $advice->why);
    }

    /** @return list<array<string, mixed>> what twitched now and then, and never with a good supply in */
    private function twitching(): array
    {
        $well = ['kind' => 'start', 'reached' => 'stays'];
        $twitch = ['kind' => 'start', 'reached' => 'twitch', 'signs' => ['fans' => 'twitch']];
        $under = fn (array $start, array $setUp): array => [...$start, 'setup' => $setUp];
        $clear = fn (string $check): array => ['kind' => 'finding', 'check' => $check, 'result' => 'clear'];
        $lent = $under($well, ['lent' => ['supply' => ['tag' => 'P-1']]]);
        $plugs = ['main-plug', 'cpu-plug', 'card-plug', 'panel', 'drive-lead', 'wall-lead'];

        return [
            ['kind' => 'report', 'reached' => 'stays', 'marks' => ['consent-system']],
            $well, $clear('fans-turn'), $well, ['kind' => 'act', 'act' => 'reseat', 'on' => $plugs], $well,
            $under($well, ['out' => ['card']]),
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2', 'slot-B2']], $twitch,
            $under($well, ['out' => ['devices']]), $well, $under($well, ['out' => ['devices']]), $clear('look-board'), $twitch,
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'],
            $clear('look-plugs'), $clear('look-devices'), $lent, $lent, $lent, $well,
            $under($well, ['temperature' => 'cold']), $under($well, ['goal' => 'load']),
            ['kind' => 'finding', 'check' => 'supply-in-host', 'target' => 'supply', 'result' => 'works'],
            $well, $under($twitch, ['goal' => 'load']), $under($well, ['lent' => ['supply' => ['tag' => 'P-1']], 'goal' => 'load']),
            ['kind' => 'act', 'act' => 'unplug-for-good', 'on' => ['devices']], $well,
            ['kind' => 'finding', 'check' => 'button-test', 'result' => 'good'], $clear('look-metal'),
        ];
    }

    /** The plan would test a drive first, at 3 in 100, for that takes four minutes: no reason to send back what needs a supply. */
    public function test_what_needs_a_likely_repair_is_not_left_because_another_would_be_tested_first(): void
    {
        $advice = Bench::assess($this->twitching())->advice;
        $this->assertSame('replace the supply', $advice->repairs[0][0]->name());
        $this->assertGreaterThan(2 * Catalogue::shipped()->number('decided_from'), $advice->repairs[0][1]);
        $this->assertFalse($advice->left, $advice->why);
        $this->assertStringNotContainsString('before it goes back', $advice->why);
    }
}
