<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use InvalidArgumentException;

/**
 * What is believed: a probability over fault sets, and over which faults of each set are still there.
 *
 * A general engine: it knows faults only as numbers. A set never changes ("what was wrong"); acts move
 * its weight from "still there" towards "cured", and never back. Immutable; every deed gives a new belief.
 */
final class Belief
{
    /** @var array<int, array<int, list<int>>> set => mask => faults still there; filled as needed */
    private array $alive = [];

    /**
     * @param  list<list<int>>  $sets    fault sets
     * @param  list<int>  $of      state => its set
     * @param  list<int>  $mask    state => bit i tells that fault i of the set is still there
     * @param  list<float>  $weight  state => probability; they sum to one
     * @param  float  $logEvidence natural logarithm of the probability of all that was observed
     */
    private function __construct(
        private array $sets,
        private array $of,
        private array $mask,
        private array $weight,
        public readonly float $logEvidence,
        private readonly float $pruneBelow,
    ) {
    }

    /**
     * @param  list<array{list<int>, float}>  $hypotheses fault sets with their prior, in any scale
     * @param  float  $pruneBelow share of belief under which a state is dropped; 0 keeps all
     */
    public static function over(array $hypotheses, float $pruneBelow = 0.0): self
    {
        $total = array_sum(array_column($hypotheses, 1));
        if ($total <= 0.0) {
            throw new InvalidArgumentException('Hypotheses need a positive prior between them.');
        }
        $sets = $of = $mask = $weight = [];
        foreach ($hypotheses as $i => [$faults, $prior]) {
            $sets[] = $faults;
            $of[] = $i;
            $mask[] = (1 << count($faults)) - 1;
            $weight[] = $prior / $total;
        }

        return new self($sets, $of, $mask, $weight, 0.0, $pruneBelow);
    }

    /**
     * Every set of independent faults.
     *
     * @param  array<int, float>  $priors fault => probability
     */
    public static function independent(array $priors): self
    {
        $hypotheses = [[[], 1.0]];
        foreach ($priors as $fault => $p) {
            $next = [];
            foreach ($hypotheses as [$faults, $weight]) {
                $next[] = [$faults, $weight * (1.0 - $p)];
                $next[] = [[...$faults, $fault], $weight * $p];
            }
            $hypotheses = $next;
        }

        return self::over($hypotheses);
    }

    /** Belief after something was observed. An observation that nothing explains leaves it as it was. */
    public function given(Likelihood $seen, int $times = 1): self
    {
        $weights = [];
        $total = 0.0;
        foreach ($this->weight as $i => $w) {
            $likelihood = $seen->given($this->faultsAt($i));
            $weights[$i] = $w *= $times === 1 ? $likelihood : $likelihood ** $times;
            $total += $w;
        }

        return $total > 0.0 ? $this->kept($weights, $total) : $this;
    }

    /** How likely an observation is now. */
    public function predict(Likelihood $seen, int $times = 1): float
    {
        $sum = 0.0;
        foreach ($this->weight as $i => $w) {
            $sum += $w * $seen->given($this->faultsAt($i)) ** $times;
        }

        return $sum;
    }

    /**
     * Belief after an act that cures faults with given probabilities.
     *
     * @param  array<int, float>  $cures fault => probability that it is now gone
     */
    public function after(array $cures): self
    {
        $cures = array_filter($cures, fn (float $p): bool => $p > 0.0);
        if ($cures === []) {
            return $this;
        }
        $states = [];
        foreach ($this->weight as $i => $w) {
            $set = $this->of[$i];
            $split = [$this->mask[$i] => $w];
            foreach ($this->sets[$set] as $bit => $fault) {
                if (! isset($cures[$fault])) {
                    continue;
                }
                $after = [];
                foreach ($split as $mask => $share) {
                    $there = $mask & (1 << $bit);
                    if ($there) {
                        $cured = $mask ^ (1 << $bit);
                        $after[$cured] = ($after[$cured] ?? 0.0) + $share * $cures[$fault];
                        $share *= 1.0 - $cures[$fault];
                    }
                    $after[$mask] = ($after[$mask] ?? 0.0) + $share;
                }
                $split = $after;
            }
            foreach ($split as $mask => $share) {
                $key = $set << 16 | $mask;
                $states[$key] = ($states[$key] ?? 0.0) + $share;
            }
        }

        return $this->fromStates($states);
    }

    /** A further fault comes into question, independent of the rest: a lent part that may itself be bad. */
    public function introduce(int $fault, float $probability): self
    {
        $sets = $of = $mask = $weight = [];
        $with = [];
        foreach ($this->weight as $i => $w) {
            $set = $this->of[$i];
            if (! isset($with[$set])) {
                $with[$set] = [count($sets), count($sets) + 1];
                $sets[] = $this->sets[$set];
                $sets[] = [...$this->sets[$set], $fault];
            }
            $bit = 1 << count($this->sets[$set]);
            array_push($of, ...$with[$set]);
            array_push($mask, $this->mask[$i], $this->mask[$i] | $bit);
            array_push($weight, $w * (1.0 - $probability), $w * $probability);
        }

        return (new self($sets, $of, $mask, $weight, $this->logEvidence, $this->pruneBelow))->pruned();
    }

    /** The likeliest states that together hold a share of belief, but no more than so many; a smaller belief for planning. */
    public function mostOf(float $share, int $most = PHP_INT_MAX): self
    {
        $order = $this->weight;
        arsort($order);
        $weights = [];
        $sum = 0.0;
        foreach ($order as $i => $w) {
            $weights[$i] = $w;
            $sum += $w;
            if ($sum >= $share || count($weights) >= $most) {
                break;
            }
        }

        return $this->kept($weights, $sum, keepEvidence: true);
    }

    /** Probability that the machine has or had this fault. */
    public function had(int $fault): float
    {
        return $this->sum(fn (int $i): bool => in_array($fault, $this->sets[$this->of[$i]], true));
    }

    /**
     * Probability that any of these faults was there at the start.
     *
     * @param  array<int, mixed>  $faults keyed by fault
     */
    public function hadAny(array $faults): float
    {
        return $this->sum(fn (int $i): bool => $this->anyIn($this->sets[$this->of[$i]], $faults));
    }

    /**
     * Probability that any of these faults is there now.
     *
     * @param  array<int, mixed>  $faults keyed by fault
     */
    public function hasAny(array $faults): float
    {
        return $this->sum(fn (int $i): bool => $this->anyIn($this->faultsAt($i), $faults));
    }

    /**
     * Probability for each group of faults that any of it was there at the start, and that any is there now; for all
     * groups in one pass.
     *
     * @param  array<int, string>  $groupOf fault => its group; a fault left out belongs to none
     * @return array{array<string, float>, array<string, float>} group => was, group => is
     */
    public function byGroup(array $groupOf): array
    {
        $sums = [[], []];
        foreach ($this->weight as $i => $w) {
            foreach ([$this->sets[$this->of[$i]], $this->faultsAt($i)] as $when => $faults) {
                $seen = [];
                foreach ($faults as $fault) {
                    $group = $groupOf[$fault] ?? null;
                    if ($group !== null && ! isset($seen[$group])) {
                        $seen[$group] = true;
                        $sums[$when][$group] = ($sums[$when][$group] ?? 0.0) + $w;
                    }
                }
            }
        }

        return $sums;
    }

    /** Probability that nothing is wrong now. */
    public function sound(): float
    {
        return $this->sum(fn (int $i): bool => $this->mask[$i] === 0);
    }

    /**
     * Probability of each fault, past or present, for all faults at once.
     *
     * @return array<int, float>
     */
    public function marginals(): array
    {
        $marginals = [];
        foreach ($this->weight as $i => $w) {
            foreach ($this->sets[$this->of[$i]] as $fault) {
                $marginals[$fault] = ($marginals[$fault] ?? 0.0) + $w;
            }
        }

        return $marginals;
    }

    /**
     * The fault sets, likeliest first.
     *
     * @return list<array{list<int>, float}>
     */
    public function sets(int $most = PHP_INT_MAX): array
    {
        $sums = [];
        foreach ($this->weight as $i => $w) {
            $sums[$this->of[$i]] = ($sums[$this->of[$i]] ?? 0.0) + $w;
        }
        arsort($sums);
        $sets = [];
        foreach (array_slice($sums, 0, $most, true) as $set => $w) {
            $sets[] = [$this->sets[$set], $w];
        }

        return $sets;
    }

    /**
     * State by state: what is there now, its probability, and what was there at the start.
     *
     * @return list<array{list<int>, float, list<int>}>
     */
    public function states(): array
    {
        $states = [];
        foreach ($this->weight as $i => $w) {
            $states[] = [$this->faultsAt($i), $w, $this->sets[$this->of[$i]]];
        }

        return $states;
    }

    public function stateCount(): int
    {
        return count($this->weight);
    }

    /** @return list<int> */
    private function faultsAt(int $state): array
    {
        $set = $this->of[$state];
        $mask = $this->mask[$state];
        if (! isset($this->alive[$set][$mask])) {
            $faults = [];
            foreach ($this->sets[$set] as $bit => $fault) {
                if ($mask & (1 << $bit)) {
                    $faults[] = $fault;
                }
            }
            $this->alive[$set][$mask] = $faults;
        }

        return $this->alive[$set][$mask];
    }

    /**
     * @param  list<int>  $faults
     * @param  array<int, mixed>  $wanted
     */
    private function anyIn(array $faults, array $wanted): bool
    {
        foreach ($faults as $fault) {
            if (isset($wanted[$fault])) {
                return true;
            }
        }

        return false;
    }

    /** @param  callable(int): bool  $where */
    private function sum(callable $where): float
    {
        $sum = 0.0;
        foreach ($this->weight as $i => $w) {
            if ($where($i)) {
                $sum += $w;
            }
        }

        return $sum;
    }

    /** @param  array<int, float>  $weights state => unnormalised weight */
    private function kept(array $weights, float $total, bool $keepEvidence = false): self
    {
        $least = $this->pruneBelow * $total;
        $of = $mask = $weight = [];
        $kept = 0.0;
        foreach ($weights as $i => $w) {
            if ($w > $least) {
                $of[] = $this->of[$i];
                $mask[] = $this->mask[$i];
                $weight[] = $w;
                $kept += $w;
            }
        }
        foreach ($weight as $i => $w) {
            $weight[$i] = $w / $kept;
        }
        $belief = new self($this->sets, $of, $mask, $weight, $this->logEvidence + ($keepEvidence ? 0.0 : log($total)), $this->pruneBelow);
        $belief->alive = $this->alive;

        return $belief;
    }

    /** @param  array<int, float>  $states set << 16 | mask => weight */
    private function fromStates(array $states): self
    {
        $of = $mask = $weight = [];
        foreach ($states as $key => $w) {
            $of[] = $key >> 16;
            $mask[] = $key & 0xFFFF;
            $weight[] = $w;
        }
        $belief = new self($this->sets, $of, $mask, $weight, $this->logEvidence, $this->pruneBelow);
        $belief->alive = $this->alive;

        return $belief->pruned();
    }

    private function pruned(): self
    {
        return $this->pruneBelow > 0.0 ? $this->kept($this->weight, array_sum($this->weight), keepEvidence: true) : $this;
    }
}
