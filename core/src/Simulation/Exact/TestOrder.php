<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Exact;

use Closure;

/**
 * A few tests and the plan of repairs that comes once testing ends, small enough to be solved exactly: every order of tests, each branch
 * on what it shows, by dynamic programming over what was shown. Against it stands the rule of looking one step ahead. Both pay the same
 * plan at the end, so that what differs is the order of tests and when to stop testing, and nothing else.
 */
final class TestOrder
{
    /** Minutes a test must save to be made, as the planner has it. */
    private const NOISE = 1.0;

    /** Share of belief under which a branch is not followed. */
    private const HARDLY = 1e-9;

    /** @var array<string, float> what was shown => least expected minutes */
    private array $solved = [];

    /**
     * @param  list<float>  $weights state => probability
     * @param  list<array{minutes: float, shares: list<array<int, float>>}>  $tests minutes of each, and for each state outcome => share
     * @param  Closure(list<float>): float  $plan expected minutes of the plan for states as weighed, not normalised
     */
    public function __construct(private readonly array $weights, private readonly array $tests, private readonly Closure $plan)
    {
    }

    /** Least expected minutes of any order of tests: what a solver with all the time there is would take. */
    public function exact(): float
    {
        return $this->least($this->weights, []);
    }

    /** Expected minutes of the rule: the test that saves most for its minutes against stopping now, as long as one saves anything. */
    public function oneStepAhead(): float
    {
        return $this->greedy($this->weights, []);
    }

    /** Expected minutes without any test. */
    public function untested(): float
    {
        return ($this->plan)($this->weights);
    }

    /**
     * @param  list<float>  $weights
     * @param  array<int, int>  $shown test => outcome
     */
    private function least(array $weights, array $shown): float
    {
        ksort($shown);
        $key = json_encode($shown, JSON_THROW_ON_ERROR);
        if (isset($this->solved[$key])) {
            return $this->solved[$key];
        }
        $best = ($this->plan)($weights);
        $mass = array_sum($weights);
        foreach ($this->tests as $test => $one) {
            // A test whose minutes alone cost more than the plan cannot be worth it.
            if (isset($shown[$test]) || $best <= $one['minutes'] * $mass) {
                continue;
            }
            $cost = $one['minutes'] * $mass;
            foreach ($this->split($weights, $test) as $outcome => $branch) {
                $cost += $this->least($branch, $shown + [$test => $outcome]);
                if ($cost >= $best) {
                    break;
                }
            }
            $best = min($best, $cost);
        }

        return $this->solved[$key] = $best;
    }

    /**
     * @param  list<float>  $weights
     * @param  array<int, int>  $shown
     */
    private function greedy(array $weights, array $shown): float
    {
        $now = ($this->plan)($weights);
        $mass = array_sum($weights);
        $best = null;
        $rate = 0.0;
        foreach ($this->tests as $test => $one) {
            if (isset($shown[$test])) {
                continue;
            }
            $branches = $this->split($weights, $test);
            $saves = ($now - array_sum(array_map($this->plan, $branches))) / $mass - $one['minutes'];
            $perMinute = ($saves + $one['minutes']) / $one['minutes'];
            if ($saves >= self::NOISE && $perMinute > $rate) {
                [$best, $rate] = [[$test, $branches], $perMinute];
            }
        }
        if ($best === null) {
            return $now;
        }
        $cost = $this->tests[$best[0]]['minutes'] * $mass;
        foreach ($best[1] as $outcome => $branch) {
            $cost += $this->greedy($branch, $shown + [$best[0] => $outcome]);
        }

        return $cost;
    }

    /**
     * @param  list<float>  $weights
     *
     * @return array<int, list<float>> outcome => states as weighed by it
     */
    private function split(array $weights, int $test): array
    {
        $branches = [];
        foreach ($weights as $state => $weight) {
            foreach ($this->tests[$test]['shares'][$state] as $outcome => $share) {
                $branches[$outcome] ??= array_fill(0, count($weights), 0.0);
                $branches[$outcome][$state] = $weight * $share;
            }
        }

        return array_filter($branches, fn (array $branch): bool => array_sum($branch) > self::HARDLY);
    }
}
