<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What stands in the machine already is started again for the minutes of a start. */
final class OnceMoreTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const RUNS = ['kind' => 'start', 'reached' => 'stays'];

    private const LENT = ['lent' => ['card' => ['tag' => 'C-1', 'trust' => 0.97]]];

    private const SHELF = [['tag' => 'C-1', 'kind' => 'card', 'trust' => 0.97, 'value' => 4000]];

    private const TESTED = ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'];

    public function test_of_what_comes_and_goes_the_loan_is_started_again_before_it_is_taken_out(): void
    {
        $steps = $this->after([self::RUNS, self::DARK, self::RUNS, self::DARK, self::TESTED, [...self::RUNS, 'setup' => self::LENT]]);
        $this->assertSame('lend-card', $steps[0]->candidate->step->id);
        $this->assertTrue($steps[0]->candidate->isOnceMore());
        $this->assertSame(Bench::catalogue()->steps['start']->minutes, $steps[0]->minutes);
        $this->assertSame('Start it once more as it stands: lend the plainest graphics card', $steps[0]->candidate->name());
    }

    public function test_a_loan_that_failed_is_not_tried_again_for_that(): void
    {
        $steps = $this->after([self::RUNS, self::DARK, self::RUNS, self::DARK, self::TESTED, [...self::DARK, 'setup' => self::LENT]]);
        $this->assertNotSame([], $steps);
        $this->assertSame([], array_filter($steps, fn (NextStep $step): bool => $step->candidate->holdsUp));
    }

    public function test_it_is_started_three_times_at_most(): void
    {
        $lent = [...self::RUNS, 'setup' => self::LENT];
        foreach ([2 => true, 3 => false] as $times => $again) {
            $steps = $this->after([self::RUNS, self::DARK, self::RUNS, self::DARK, self::TESTED, ...array_fill(0, $times, $lent)]);
            $this->assertSame($again, $steps[0]->candidate->holdsUp, "after {$times}");
        }
        $this->assertSame(3, (int) Bench::catalogue()->number('held_starts'));
        $this->assertSame('put-back', $steps[0]->candidate->step->id);
    }

    public function test_a_run_at_work_is_too_long_to_be_made_again_for_that(): void
    {
        $late = [...self::RUNS, 'setup' => ['goal' => 'load']];
        $steps = $this->after([
            ['kind' => 'report', 'reached' => 'drops'],
            $late,
            ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']],
            $late,
            self::TESTED,
            [...self::RUNS, 'setup' => [...self::LENT, 'goal' => 'load']],
        ]);
        $this->assertNotSame([], $steps);
        $this->assertSame([], array_filter($steps, fn (NextStep $step): bool => $step->candidate->holdsUp));
    }

    public function test_what_never_came_and_went_is_put_back_first(): void
    {
        $steps = $this->after([self::DARK, self::DARK, self::TESTED, [...self::RUNS, 'setup' => self::LENT]]);
        $this->assertSame('put-back', $steps[0]->candidate->step->id);
    }

    public function test_once_it_was_taken_out_or_worked_on_it_takes_all_its_minutes(): void
    {
        $one = [self::RUNS, self::DARK, self::TESTED, [...self::DARK, 'setup' => self::LENT]];
        $again = fn (array $then): ?NextStep => Bench::assess([...$one, ...$then], [], self::SHELF)->advice->step('lend-card');
        $full = Bench::catalogue()->steps['lend-card']->minutes;
        $this->assertLessThan($full, $again([])?->minutes);
        $this->assertSame($full, $again([self::DARK])?->minutes);
        $this->assertSame($full, $again([['kind' => 'act', 'act' => 'reseat', 'on' => ['card-slot']], self::DARK])?->minutes);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return list<NextStep>
     */
    private function after(array $entries): array
    {
        return Bench::assess($entries, [], self::SHELF)->advice->steps;
    }
}
