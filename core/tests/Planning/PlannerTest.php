<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Planning\Advice;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    public function test_what_a_step_may_show_adds_up(): void
    {
        foreach (Bench::assess([self::DARK], ['facts' => ['status_lamps' => true]])->advice->steps as $step) {
            $sum = array_sum(array_map(fn (Outcome $o): float => $o->probability, $step->outcomes));
            $this->assertLessThanOrEqual(1.0 + 1e-9, $sum, $step->candidate->name());
            foreach ($step->outcomes as $outcome) {
                $this->assertNotSame('', $outcome->meaning);
            }
        }
    }

    public function test_only_what_changes_the_machine_is_said_to_cure_it(): void
    {
        $cures = $others = 0;
        $plug = ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'off', 'which' => ['cpu-plug']];
        foreach (Bench::assess([self::DARK, $plug])->advice->steps as $step) {
            foreach ($step->outcomes as $outcome) {
                if ($step->candidate->step->record !== 'act') {
                    $this->assertStringNotContainsString('cured', $outcome->meaning, $step->candidate->name());
                    $others++;
                } elseif ($outcome->result === 'stays') {
                    $cures += preg_match('/^then cured, ([5-9]\d|100) %$/', $outcome->meaning);
                }
            }
        }
        $this->assertGreaterThan(0, $cures);
        $this->assertGreaterThan(0, $others);
    }

    public function test_what_a_deed_did_is_seen_before_anything_else_is_changed(): void
    {
        $home = ['kind' => 'act', 'act' => 'reseat', 'on' => ['card']];
        $advice = Bench::assess([self::DARK, $home])->advice;
        $this->assertSame('start', $advice->steps[0]->candidate->step->id);
        $this->assertSame('Start it as it is: see what that did before anything else is changed.', $advice->why);
        $this->assertNotSame('start', Bench::assess([self::DARK, $home, self::DARK])->advice->steps[0]->candidate->step->id);
        $wet = ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'liquid'];
        $this->assertNotSame('start', Bench::assess([self::DARK, $home, $wet])->advice->steps[0]->candidate->step->id, 'locks come first');
        $told = ['kind' => 'act', 'act' => 'advise', 'on' => ['wall-socket']];
        $this->assertNotSame('start', Bench::assess([self::DARK, $told])->advice->steps[0]->candidate->step->id, 'nothing was done to it');
    }

    public function test_what_a_deed_did_is_seen_at_work_where_it_fails_there(): void
    {
        $consent = ['kind' => 'report', 'events' => ['none'], 'marks' => ['consent-system'], 'reached' => 'drops'];
        $drops = ['kind' => 'start', 'reached' => 'drops', 'signs' => ['drop' => 'minutes'], 'setup' => ['goal' => 'load']];
        $paste = ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']];
        $advice = Bench::assess([$consent, $drops, $drops, $paste])->advice;
        $this->assertSame('load-run', $advice->steps[0]->candidate->step->id);
        $this->assertSame('Run it at work: see what that did before anything else is changed.', $advice->why);
        $this->assertSame('It fails at work: see there what that did, before anything else is changed.', $advice->steps[0]->why);
        foreach ([[], [$paste, $drops], [$paste, ['reached' => 'stays'] + $drops]] as $since) {
            $first = Bench::assess([$consent, $drops, $drops, ...$since])->advice->steps[0]->candidate->step->id;
            $this->assertNotSame('load-run', $first);
        }
    }

    public function test_a_look_that_was_made_is_not_offered_again(): void
    {
        $this->assertNotNull(Bench::assess([self::DARK])->advice->step('plugs'));
        $this->assertNull(
            Bench::assess([self::DARK, ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear']])->advice->step('plugs'),
        );
    }

    public function test_a_start_that_was_made_twice_is_offered_again_only_after_something_was_done(): void
    {
        $dead = ['kind' => 'start', 'reached' => 'nothing'];
        $bench = [...$dead, 'setup' => ['place' => 'bench']];
        $pins = [...$dead, 'setup' => ['place' => 'bench', 'start_by' => 'pins']];
        $this->assertNotNull(Bench::assess([$dead, $bench, $pins])->advice->step('pins'));
        $this->assertNull(Bench::assess([$dead, $bench, $pins, $pins])->advice->step('pins'));
        $this->assertNotNull(
            Bench::assess([$dead, $bench, $pins, $pins, ['kind' => 'act', 'act' => 'reseat', 'on' => ['panel']]])->advice->step('pins'),
        );
    }

    public function test_what_failed_twice_in_one_way_is_not_started_a_third_time_and_what_comes_and_goes_is(): void
    {
        $dark = self::DARK;
        $runs = ['kind' => 'start', 'reached' => 'stays'];
        $tried = [['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']], $dark];
        $offers = fn (array $entries): bool => Bench::assess($entries)->advice->step('start') !== null;

        $this->assertTrue($offers([$dark]));
        $this->assertFalse($offers([$dark, $dark]));
        $this->assertTrue($offers([$dark, $dark, $tried[0]]), 'what was done is tried');
        $this->assertFalse($offers([$dark, $dark, ...$tried]), 'it failed as before: what was done was nothing');
        $this->assertTrue($offers([$dark, $dark, $tried[0], ['reached' => 'no-drive'] + $dark]), 'it fails otherwise now');
        $this->assertTrue($offers([$runs, $dark, $dark]), 'it comes and goes');
        $this->assertTrue($offers([$runs, $runs]), 'it does not fail');
    }

    public function test_where_nothing_saves_time_what_hardly_tells_gives_way_to_what_tells(): void
    {
        $look = fn (string $check, string $result, ?string $on = null): array => [
            'kind' => 'finding',
            'check' => $check,
            'result' => $result,
        ] + ($on === null ? [] : ['target' => $on]);
        $drops = ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']];
        $steps = Bench::assess(
            [
                ['kind' => 'report', 'reached' => 'drops'],
                $drops,
                $look('fans-turn', 'clear'),
                $look('supply-test', 'pass', 'supply'),
                $look('supply-sum', 'enough'),
                $look('temperature', 'pass'),
                $look('look-board', 'clear'),
                $look('look-plugs', 'clear'),
                $look('look-card', 'clear', 'card'),
                $look('look-inside', 'clear'),
                $look('look-settings', 'clear'),
                $look('wiggle', 'same'),
                $look('memory-test', 'clean'),
                $look('work-temperature', 'pass'),
                ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot-A2', 'slot-B2']],
                $drops,
            ],
            ['card' => true],
        )->advice->steps;
        $open = array_values(array_filter($steps, fn (NextStep $step): bool => $step->isOpen()));
        $tells = array_map(fn (NextStep $step): float => $step->bits / $step->minutes, $open);
        $this->assertLessThan(0.0, max(array_map(fn (NextStep $step): float => $step->saves, $open)));
        $this->assertGreaterThanOrEqual(0.5 * max($tells), $tells[0], $open[0]->candidate->name());
        // A supply that fails at work runs in another machine as a good one does.
        $host = array_values(array_filter($open, fn (NextStep $step): bool => $step->candidate->step->id === 'supply-host'));
        $this->assertNotSame([], $host);
        $this->assertLessThan(0.5 * max($tells), $host[0]->bits / $host[0]->minutes);
    }

    public function test_what_tells_of_later_repairs_waits_for_one_that_is_likely_and_buys_nothing(): void
    {
        $freezes = ['kind' => 'start', 'reached' => 'drops', 'after' => 600, 'times' => 2, 'signs' => ['lost' => 'frozen']];
        $told = fn (array $events): array => ['kind' => 'report', 'reached' => 'drops', 'events' => $events, 'marks' => ['consent-system']];
        $since = Bench::assess([$told(['driver-update']), $freezes])->advice;
        $this->assertSame('update-driver', $since->repair?->act->id);
        $saves = fn (Advice $advice): float => $advice->step('other-slot:stick-1')->saves ?? 0.0;
        $this->assertLessThan(0.0, $saves($since), 'Memory moved about comes after the driver.');
        $without = $saves(Bench::assess([$told(['none']), $freezes])->advice);
        $this->assertGreaterThan($saves($since), $without, 'Nothing speaks for the driver.');
    }

    public function test_of_like_trials_the_best_is_one_idea_and_every_swap_to_undo_is_its_own(): void
    {
        $slots = ['A1', 'A2', 'B1', 'B2'];
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $advice = Bench::assess([$dark, $dark], ['memory' => ['slots' => $slots, 'sticks' => $slots]])->advice;
        $alone = fn (array $steps): array => array_values(
            array_filter($steps, fn (NextStep $step): bool => $step->candidate->step->id === 'one-stick'),
        );
        $this->assertGreaterThan(1, count($alone($advice->open())));
        $this->assertSame([$alone($advice->open())[0]], $alone($advice->ideas()));
        $swapped = Bench::assess([
            $dark,
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['devices', 'drive', 'stick-2']]],
        ])->advice;
        $undone = fn (array $steps): int => count(
            array_filter($steps, fn (NextStep $step): bool => $step->candidate->step->each === 'swapped'),
        );
        $this->assertGreaterThan(1, $undone($swapped->open()));
        $this->assertSame($undone($swapped->open()), $undone($swapped->ideas()));
    }

    public function test_on_the_mat_it_is_started_as_it_was_there_before(): void
    {
        $dead = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $onTheMat = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['place' => 'bench', 'start_by' => 'pins']];
        $start = fn (array ...$entries): ?NextStep => Bench::assess(array_values($entries))->advice->step('start');
        $this->assertSame(StartBy::Button, $start($dead)?->candidate->setUp?->startBy);
        $this->assertSame(StartBy::Pins, $start($dead, $onTheMat)?->candidate->setUp?->startBy);
        $runs = ['kind' => 'start', 'reached' => 'stays', 'setup' => $onTheMat['setup']];
        $back = Bench::assess([$dead, $runs, $runs])->advice->step('back-in-case');
        $this->assertSame(StartBy::Button, $back?->candidate->setUp?->startBy, 'That it runs on the mat says nothing of its button.');
    }

    public function test_a_test_in_another_machine_may_be_made_once_more(): void
    {
        $works = ['kind' => 'finding', 'check' => 'card-in-host', 'target' => 'card', 'result' => 'works', 'host' => ['tag' => 'H-1']];
        $this->assertNotNull(Bench::assess([self::DARK, $works])->advice->step('card-host'));
        $this->assertNull(Bench::assess([self::DARK, $works, $works])->advice->step('card-host'));
    }

    public function test_to_swap_what_is_not_suspected_is_worth_nothing(): void
    {
        $noDrive = ['kind' => 'start', 'reached' => 'no-drive', 'times' => 2];
        foreach (['lend-screen', 'lend-video', 'lend-lead', 'reseat-card'] as $id) {
            $step = Bench::assess([$noDrive])->advice->step($id);
            $this->assertNotNull($step);
            $this->assertLessThanOrEqual(0.0, $step->saves, $id);
        }
    }

    public function test_the_first_step_is_the_one_that_takes_most_off_the_total_for_its_minutes(): void
    {
        $open = $this->open(Bench::assess([['kind' => 'start', 'reached' => 'nothing']]));
        // Ranked by what a step saves for each of its minutes, in steps of a tenth.
        $saves = array_map(
            fn (NextStep $s): float => round((10 * ($s->saves + $s->minutes)) / $s->minutes),
            array_filter($open, fn (NextStep $s): bool => $s->saves > 0.0),
        );
        $sorted = $saves;
        rsort($sorted);
        $this->assertSame(array_slice($sorted, 0, 10), array_slice($saves, 0, 10));
        $this->assertGreaterThan(10.0, $open[0]->saves);
    }

    public function test_when_nothing_is_worth_its_minutes_it_says_decide(): void
    {
        $advice = Bench::assess([
            ['kind' => 'start', 'reached' => 'no-drive', 'times' => 3],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['drive' => ['tag' => 'D-1', 'trust' => 0.99]]]],
            ['kind' => 'start', 'reached' => 'no-drive'],
            ['kind' => 'finding', 'check' => 'drive-in-host', 'target' => 'drive', 'result' => 'fails'],
        ])->advice;
        $this->assertSame(JobState::Repair, $advice->state);
        $this->assertSame('replace:drive', $advice->repair?->id());
        $this->assertGreaterThan(0.9, $advice->repairProbability);
    }

    public function test_a_slot_is_repaired_with_its_board_but_cleaned_by_itself(): void
    {
        $dark = fn (array $more): array => [...self::DARK, 'setup' => ['out' => ['stick-2'], ...$more]];
        $advice = Bench::assess([
            $dark([]),
            ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot-A2']],
            $dark([]),
            [...$dark(['moved' => ['stick-1' => 'slot-B2']]), 'reached' => 'stays'],
            $dark([]),
            $dark([]),
        ])->advice;
        $p = array_column(array_map(fn (array $r): array => [$r[0]->id(), $r[1]], $advice->repairs), 1, 0);
        $this->assertGreaterThan(0.2, $p['replace:board']);
        $this->assertArrayNotHasKey('replace:slot-A2', $p);
        $this->assertArrayHasKey('reseat:slot-A2', $p, 'its contacts were cleaned already');
    }

    public function test_what_did_not_help_twice_is_not_done_again(): void
    {
        $clear = ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot']];
        $repairs = fn (int $times): array => array_map(
            fn (array $r): string => $r[0]->id(),
            Bench::assess([self::DARK, ...array_merge(...array_fill(0, $times, [$clear, self::DARK]))])->advice->repairs,
        );
        $this->assertContains('clean-contacts:slot-A2', $repairs(0));
        $this->assertNotContains('clean-contacts:slot-A2', $repairs(2));
    }

    public function test_what_unlocks_comes_before_all_weighing(): void
    {
        $advice = Bench::assess([['kind' => 'report', 'reached' => 'nothing', 'marks' => ['liquid']]])->advice;
        $this->assertSame(JobState::Find, $advice->state);
        $this->assertContains($this->firstOpen($advice), ['inside', 'dry']);
    }

    public function test_trials_of_a_late_fault_run_at_work_and_say_so(): void
    {
        $ran = ['kind' => 'start', 'reached' => 'stays'];
        $late = ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']];
        $step = Bench::assess([$ran, $late])->advice->step('lend-supply');
        $this->assertSame(10 + (int) Bench::catalogue()->number('load_minutes'), $step?->minutes);
        $this->assertSame(
            ['consent'],
            array_values(
                array_map(
                    fn ($lock): string => $lock->lock->id,
                    array_filter($step->lockedBy, fn ($lock): bool => $lock->lock->blocks === 'login'),
                ),
            ),
        );
        $this->assertStringContainsString('run it at work', $step->candidate->name());
        $this->assertSame(10, Bench::assess([self::DARK])->advice->step('lend-supply')?->minutes);
    }

    public function test_what_drops_in_every_plain_start_needs_no_work_to_show_it(): void
    {
        $minutes = fn (array ...$starts): ?int => Bench::assess($starts)->advice->step('lend-supply')?->minutes;
        $work = (int) Bench::catalogue()->number('load_minutes');
        $drops = ['kind' => 'start', 'reached' => 'drops'];
        $stays = ['kind' => 'start', 'reached' => 'stays'];
        $this->assertSame(10, $minutes($drops));
        $this->assertSame(10, $minutes($drops, $drops));
        $this->assertSame(10 + $work, $minutes([...$drops, 'signs' => ['drop' => 'minutes']]), 'a plain start is over before that');
        $this->assertSame(10 + $work, $minutes($stays, $drops), 'now and then');
        $this->assertSame(10 + $work, $minutes($drops, $stays, $drops), 'now and then');
        $this->assertSame(10 + $work, $minutes([...$drops, 'setup' => ['goal' => 'load']]), 'never started without work');
        $this->assertSame(10 + $work, $minutes([...$drops, 'setup' => ['lent' => ['card' => ['tag' => 'V-1']]]]), 'not as it came');
    }

    public function test_a_run_at_work_is_one_start_and_the_work(): void
    {
        $step = Bench::catalogue()->steps['load-run'];
        $this->assertSame(
            Bench::catalogue()->steps['start']->minutes + (int) Bench::catalogue()->number('load_minutes'),
            $step->minutes,
            'it shows all that a warm start shows: Hazard takes work for warm',
        );
    }

    public function test_lending_risks_money_where_the_machine_may_do_harm(): void
    {
        $step = Bench::assess([['kind' => 'start', 'reached' => 'twitch']])->advice->step('lend-supply');
        $this->assertGreaterThan(0, $step?->moneyAtRisk);
        $this->assertSame(0, Bench::assess([['kind' => 'start', 'reached' => 'twitch']])->advice->step('lend-video')?->moneyAtRisk);
    }

    private function firstOpen(Advice $advice): string
    {
        return $advice->steps[0]->candidate->id();
    }

    /** @return list<NextStep> */
    private function open(Assessment $assessment): array
    {
        return array_values(array_filter($assessment->advice->steps, fn (NextStep $s): bool => $s->isOpen()));
    }
}
