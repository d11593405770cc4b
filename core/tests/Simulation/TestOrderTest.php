<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Closure;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\Exact\PlannersProblem;
use Orthoscope\Core\Simulation\Exact\TestOrder;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The exact order of a few tests, by hand where it can be, and against every order there is. */
final class TestOrderTest extends TestCase
{
    /** Two repairs of so many minutes, one of which is needed: the better order of the two is tried through. */
    private static function twoRepairs(float $first, float $second): Closure
    {
        return fn (array $w): float => min(
            $first * array_sum($w) + $second * $w[1],
            $second * array_sum($w) + $first * $w[0],
        );
    }

    public function test_one_test_that_tells_all_is_made_where_it_saves_and_left_where_it_does_not(): void
    {
        $telling = fn (float $minutes): array => [['minutes' => $minutes, 'shares' => [[0 => 1.0], [1 => 1.0]]]];
        // Untested: 10 minutes, and 20 more in half the cases. Tested: its own 4, and 15 on average.
        $problem = new TestOrder([0.5, 0.5], $telling(4.0), self::twoRepairs(10.0, 20.0));
        $this->assertSame(20.0, $problem->untested());
        $this->assertSame(19.0, $problem->exact());
        $this->assertSame(19.0, $problem->oneStepAhead());

        $dear = new TestOrder([0.5, 0.5], $telling(6.0), self::twoRepairs(10.0, 20.0));
        $this->assertSame(20.0, $dear->exact());
        $this->assertSame(20.0, $dear->oneStepAhead());
    }

    public function test_two_tests_that_tell_only_together_are_missed_by_looking_one_step_ahead(): void
    {
        // Which repair is needed hangs on whether two things agree; each test shows one of them. Untested: 30 and half of 30 again.
        $agree = fn (array $w): float => self::twoRepairs(30.0, 30.0)([$w[0] + $w[3], $w[1] + $w[2]]);
        $tests = [
            ['minutes' => 5.0, 'shares' => [[0 => 1.0], [0 => 1.0], [1 => 1.0], [1 => 1.0]]],
            ['minutes' => 5.0, 'shares' => [[0 => 1.0], [1 => 1.0], [0 => 1.0], [1 => 1.0]]],
        ];
        $problem = new TestOrder([0.25, 0.25, 0.25, 0.25], $tests, $agree);
        $this->assertSame(45.0, $problem->oneStepAhead());
        $this->assertSame(40.0, $problem->exact());
    }

    public function test_it_is_the_least_of_all_orders_there_are(): void
    {
        foreach (range(1, 25) as $seed) {
            $draw = Draw::from("orders {$seed}");
            $weights = array_map(fn (): float => 0.1 + $draw->unit(), range(1, 4));
            $weights = array_map(fn (float $w): float => $w / array_sum($weights), $weights);
            $tests = array_map(fn (): array => [
                'minutes' => 1.0 + 9.0 * $draw->unit(),
                'shares' => array_map(function () use ($draw): array {
                    $p = $draw->unit();

                    return [0 => $p, 1 => 1.0 - $p];
                }, range(1, 4)),
            ], range(1, 3));
            $costs = array_map(fn (): float => 10.0 + 40.0 * $draw->unit(), range(1, 4));
            // The likeliest for its minutes first, until the one that is needed is done.
            $plan = function (array $w) use ($costs): float {
                $order = array_keys($w);
                usort($order, fn (int $a, int $b): int => $w[$b] / $costs[$b] <=> $w[$a] / $costs[$a]);
                $spent = $expected = 0.0;
                foreach ($order as $i) {
                    $expected += $w[$i] * ($spent += $costs[$i]);
                }

                return $expected;
            };
            $problem = new TestOrder($weights, $tests, $plan);
            $this->assertEqualsWithDelta(self::least($weights, $tests, $plan), $problem->exact(), 1e-9, "seed {$seed}");
            $this->assertLessThanOrEqual($problem->oneStepAhead() + 1e-9, $problem->exact());
            $this->assertLessThanOrEqual($problem->untested() + 1e-9, $problem->oneStepAhead());
        }
    }

    /**
     * Every order, gone through without leaving any out.
     *
     * @param  array<int, float>  $weights
     * @param  array<int, array{minutes: float, shares: array<int, array<int, float>>}>  $tests
     */
    private static function least(array $weights, array $tests, Closure $plan): float
    {
        $best = $plan($weights);
        foreach ($tests as $i => $test) {
            $cost = $test['minutes'] * array_sum($weights);
            foreach ([0, 1] as $outcome) {
                $branch = array_map(fn (float $w, array $shares): float => $w * $shares[$outcome], $weights, $test['shares']);
                $cost += self::least($branch, array_diff_key($tests, [$i => true]), $plan);
            }
            $best = min($best, $cost);
        }

        return $best;
    }

    public function test_what_the_planner_faces_is_posed_from_a_record_and_looking_ahead_is_near_the_best(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'signs' => ['fans' => 'spin', 'lamp' => 'memory']];
        $case = Bench::case([$dark, $dark]);
        $problem = PlannersProblem::after($case->record, $case->machine, $case->shelf, Bench::catalogue());
        $this->assertNotNull($problem);
        $this->assertLessThan($problem->untested(), $problem->exact());
        $this->assertLessThan(1.1 * $problem->exact(), $problem->oneStepAhead());
    }
}
