<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

/**
 * What it is expected to cost to see a job through, when one way after another is tried and each shows by a start whether the
 * machine is right then. Exact: the cheapest of all orders and of all places to stop, worked out over sets of ways done.
 * It knows faults and ways only as numbers.
 */
final class Pursuit
{
    /** @var array<int, float> set of ways done => expected cost from there, not normalised; filled as needed */
    private array $costs = [];

    /** @var array<int, float> set of ways done => weight that is not cured by them */
    private array $uncured = [];

    /**
     * @param  list<array{list<int>, float}>  $states faults that are there now, and weight
     * @param  array<int, array{cost: float, cures: array<int, float>}>  $ways what trying one costs, and the share of times it cures a
     *     fault
     * @param  float  $end what it costs to stop with the machine not right
     */
    public function __construct(private readonly array $states, private readonly array $ways, private readonly float $end)
    {
    }

    /** Expected cost from here, for states as weighed. */
    public function cost(): float
    {
        return $this->from(0);
    }

    /** Expected cost when this way is tried first. */
    public function startingWith(int $way): float
    {
        return $this->ways[$way]['cost'] * $this->left(0) + $this->from(1 << $way);
    }

    /** Share of what is wrong that a way leaves not cured. */
    public function leaves(int $way): float
    {
        $all = $this->left(0);

        return $all > 0.0 ? $this->left(1 << $way) / $all : 0.0;
    }

    /** @return list<int> ways in the order they are tried; the last is followed by stopping where the machine is still not right */
    public function order(): array
    {
        return $this->orderFrom(0);
    }

    /** @return list<int> the same, when this way is tried first */
    public function orderAfter(int $way): array
    {
        return [$way, ...$this->orderFrom(1 << $way)];
    }

    /**
     * What is spent by the time it ends, and how likely that is.
     *
     * @param  list<int>  $order
     *
     * @return list<array{float, float}> cost and probability, cheapest first; they sum to one
     */
    public function spread(array $order): array
    {
        $total = array_sum(array_column($this->states, 1));
        if ($total <= 0.0) {
            return [[0.0, 1.0]];
        }
        $spent = 0.0;
        $done = 0;
        $before = $this->left(0);
        $spread = $total - $before > 1e-12 ? [[0.0, ($total - $before) / $total]] : [];
        foreach ($order as $way) {
            $spent += $this->ways[$way]['cost'];
            $done |= 1 << $way;
            $spread[] = [$spent, ($before - $this->left($done)) / $total];
            $before = $this->left($done);
        }
        $spread[] = [$spent + $this->end, $before / $total];

        return array_values(array_filter($spread, fn (array $row): bool => $row[1] > 1e-12));
    }

    /** @return list<int> */
    private function orderFrom(int $done): array
    {
        $order = [];
        while (($next = $this->next($done)) !== null) {
            $order[] = $next;
            $done |= 1 << $next;
        }

        return $order;
    }

    private function next(int $done): ?int
    {
        $best = $this->end * $this->left($done);
        $next = null;
        foreach ($this->ways as $way => $how) {
            if (($done & (1 << $way)) === 0) {
                $cost = $how['cost'] * $this->left($done) + $this->from($done | (1 << $way));
                if ($cost < $best - 1e-12) {
                    [$best, $next] = [$cost, $way];
                }
            }
        }

        return $next;
    }

    private function from(int $done): float
    {
        if (isset($this->costs[$done])) {
            return $this->costs[$done];
        }
        $left = $this->left($done);
        $best = $this->end * $left;
        // What every way left costs at least is a bound: with next to nothing uncured there is nothing to win.
        if ($left > 1e-12) {
            foreach ($this->ways as $way => $how) {
                if (($done & (1 << $way)) === 0 && $best > $how['cost'] * $left) {
                    $best = min($best, $how['cost'] * $left + $this->from($done | (1 << $way)));
                }
            }
        }

        return $this->costs[$done] = $best;
    }

    private function left(int $done): float
    {
        if (isset($this->uncured[$done])) {
            return $this->uncured[$done];
        }
        $survives = [];
        $left = 0.0;
        foreach ($this->states as [$faults, $weight]) {
            $cured = 1.0;
            foreach ($faults as $fault) {
                if (! isset($survives[$fault])) {
                    $share = 1.0;
                    foreach ($this->ways as $way => $how) {
                        if (($done & (1 << $way)) !== 0 && isset($how['cures'][$fault])) {
                            $share *= 1.0 - $how['cures'][$fault];
                        }
                    }
                    $survives[$fault] = $share;
                }
                $cured *= 1.0 - $survives[$fault];
            }
            $left += $weight * (1.0 - $cured);
        }

        return $this->uncured[$done] = $left;
    }
}
