<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
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

    public function test_a_look_that_was_made_is_not_offered_again(): void
    {
        $this->assertNotNull(Bench::assess([self::DARK])->advice->step('plugs'));
        $this->assertNull(Bench::assess([self::DARK, ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear']])->advice->step('plugs'));
    }

    public function test_a_start_that_was_made_is_offered_again_only_after_something_was_done(): void
    {
        $bench = [...self::DARK, 'setup' => ['place' => 'bench']];
        $pins = [...self::DARK, 'setup' => ['place' => 'bench', 'start_by' => 'pins']];
        $this->assertNull(Bench::assess([self::DARK, $bench, $pins])->advice->step('pins'));
        $this->assertNotNull(Bench::assess([self::DARK, $bench, $pins, ['kind' => 'act', 'act' => 'reseat', 'on' => ['panel']]])->advice->step('pins'));
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

    public function test_the_first_step_is_the_one_that_takes_most_off_the_total(): void
    {
        $open = $this->open(Bench::assess([['kind' => 'start', 'reached' => 'nothing']]));
        $saves = array_map(fn (NextStep $s): float => round($s->saves / 2), $open);
        $sorted = $saves;
        rsort($sorted);
        $this->assertSame($sorted, $saves);
        $this->assertGreaterThan(10.0, $open[0]->saves);
    }

    public function test_when_nothing_is_worth_its_minutes_it_says_decide(): void
    {
        $advice = Bench::assess([
            ['kind' => 'start', 'reached' => 'no-drive', 'times' => 3],
            ['kind' => 'finding', 'check' => 'drive-in-host', 'target' => 'drive', 'result' => 'fails'],
        ])->advice;
        $this->assertSame('decide', $advice->stop);
        $this->assertSame('replace:drive', $advice->repair?->id());
        $this->assertGreaterThan(0.9, $advice->repairProbability);
    }

    public function test_a_slot_is_repaired_with_its_board_but_cleaned_by_itself(): void
    {
        $dark = fn (array $more): array => [...self::DARK, 'setup' => ['out' => ['stick-2'], ...$more]];
        $advice = Bench::assess([
            $dark([]), ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot-A2']], $dark([]),
            [...$dark(['moved' => ['stick-1' => 'slot-B2']]), 'reached' => 'stays'], $dark([]), $dark([]),
        ])->advice;
        $this->assertSame('replace:board', $advice->repair?->id());
    }

    public function test_lending_risks_money_where_the_machine_may_do_harm(): void
    {
        $step = Bench::assess([['kind' => 'start', 'reached' => 'twitch']])->advice->step('lend-supply');
        $this->assertGreaterThan(0, $step?->moneyAtRisk);
        $this->assertSame(0, Bench::assess([['kind' => 'start', 'reached' => 'twitch']])->advice->step('lend-video')?->moneyAtRisk);
    }

    /** @return list<NextStep> */
    private function open(Assessment $assessment): array
    {
        return array_values(array_filter($assessment->advice->steps, fn (NextStep $s): bool => $s->isOpen()));
    }
}
