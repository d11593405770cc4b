<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use InvalidArgumentException;
use SplMinHeap;

/**
 * What is believed: a probability over fault sets, and over which faults of each set are still there.
 *
 * A general engine: it knows faults only as numbers. A set never changes ("what was wrong"); acts move
 * its weight from "still there" towards "cured", and never back. Immutable; every observation and act gives a new belief.
 */
final class Belief
{
    /** Share of belief under which a fault brought about on the way is not followed, even where nothing else is dropped. */
    private const ARISING_LEAST = 3e-5;

    /** The same for a lent part that may itself be bad, where anything is dropped at all. */
    private const INTRODUCED_LEAST = 3e-6;

    /** Sets no state is about are cleared away once they are more than twice the states and this many. */
    private const SPARE_SETS = 200;

    /** @var array<int, array<int, list<int>>> set => mask => faults still there; filled as needed */
    private array $alive = [];

    /** @var ?list<list<int>> state => faults still there; filled as needed */
    private ?array $now = null;

    /** @var ?list<array{list<int>, float, list<int>}> filled as needed */
    private ?array $states = null;

    /** @var array<int, string> set => its faults, joined; filled as needed */
    private array $names = [];

    /** @var ?array<array-key, float> faults of a set, joined => its probability; filled as needed */
    private ?array $bySet = null;

    /** @var ?array<string, int> the faults of a set, joined => the set; filled as needed */
    private ?array $index = null;

    /** @var array<int, array<int, int>> set => fault => the set with that fault; filled as needed */
    private array $extended = [];

    /**
     * @param  list<list<int>>  $sets    fault sets, each in rising order
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
        $sets = array_column($hypotheses, 0);
        foreach ($sets as $i => $faults) {
            sort($sets[$i]);
        }

        return self::weighing($sets, array_column($hypotheses, 1), $pruneBelow);
    }

    /**
     * The same from sets and their priors apart.
     *
     * @param  list<list<int>>  $sets fault sets, each in rising order
     * @param  list<float>  $priors set => its prior, in any scale
     */
    public static function weighing(array $sets, array $priors, float $pruneBelow = 0.0): self
    {
        $total = array_sum($priors);
        if ($total <= 0.0) {
            throw new InvalidArgumentException('Hypotheses need a positive prior between them.');
        }
        $mask = $weight = [];
        foreach ($priors as $i => $prior) {
            $mask[] = (1 << count($sets[$i])) - 1;
            $weight[] = $prior / $total;
        }
        $belief = new self($sets, array_keys($sets), $mask, $weight, 0.0, $pruneBelow);
        $belief->now = $sets;

        return $belief;
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

    /**
     * Belief after something was observed. An observation that nothing explains leaves it as it was.
     *
     * @param  float  $times how often; under one where it counts for less than it says (a tempered posterior: Grünwald and van Ommen 2017)
     */
    public function given(Likelihood $seen, float $times = 1.0): self
    {
        $weights = [];
        $total = 0.0;
        $now = $this->now();
        foreach ($this->weight as $i => $w) {
            $likelihood = $seen->given($now[$i]);
            $weights[$i] = $w *= $times === 1.0 ? $likelihood : $likelihood ** $times;
            $total += $w;
        }

        return $total > 0.0 ? $this->reweighed($weights, $total) : $this;
    }

    /** How likely an observation is now. */
    public function predict(Likelihood $seen, int $times = 1): float
    {
        $sum = 0.0;
        $now = $this->now();
        foreach ($this->weight as $i => $w) {
            $sum += $w * $seen->given($now[$i]) ** $times;
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
            $mask = $this->mask[$i];
            $split = null;
            foreach ($this->sets[$set] as $bit => $fault) {
                if (isset($cures[$fault]) && $mask & (1 << $bit)) {
                    $split = $this->cured($split ?? [$mask => $w], 1 << $bit, $cures[$fault]);
                }
            }
            foreach ($split ?? [$mask => $w] as $left => $share) {
                $key = ($left << 32) | $set;
                $states[$key] = ($states[$key] ?? 0.0) + $share;
            }
        }

        return $this->fromStates($states);
    }

    /**
     * Belief after something was done that may bring faults about, each with a given probability; at most one of them.
     *
     * @param  array<int, float>  $arising fault => probability
     */
    public function arising(array $arising): self
    {
        if ($arising === []) {
            return $this;
        }
        $belief = clone $this;
        $states = [];
        foreach ($this->weight as $i => $w) {
            $key = ($this->mask[$i] << 32) | $this->of[$i];
            $states[$key] = ($states[$key] ?? 0.0) + $w;
            foreach ($arising as $fault => $p) {
                $share = $w * $p;
                if ($share > self::ARISING_LEAST) {
                    $with = $belief->with($this->of[$i], $this->mask[$i], $fault);
                    if ($with !== $key) {
                        $states[$with] = ($states[$with] ?? 0.0) + $share;
                        $states[$key] -= $share;
                    }
                }
            }
        }

        return $belief->fromStates($states);
    }

    /** A further fault comes into question, independent of the rest: a lent part that may itself be bad. */
    public function introduce(int $fault, float $probability): self
    {
        $belief = clone $this;
        $least = $this->pruneBelow > 0.0 ? self::INTRODUCED_LEAST : 0.0;
        $states = [];
        foreach ($this->weight as $i => $w) {
            $key = ($this->mask[$i] << 32) | $this->of[$i];
            if ($w * $probability < $least) {
                $states[$key] = ($states[$key] ?? 0.0) + $w;

                continue;
            }
            $with = $belief->with($this->of[$i], $this->mask[$i], $fault);
            $states[$key] = ($states[$key] ?? 0.0) + $w * (1.0 - $probability);
            $states[$with] = ($states[$with] ?? 0.0) + $w * $probability;
        }

        return $belief->fromStates($states);
    }

    /** The likeliest states that together hold a share of belief, but no more than so many; a smaller belief for planning. */
    public function mostOf(float $share, int $most = PHP_INT_MAX): self
    {
        $order = $this->atLeast($this->heaviest(max(1, $most)));
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

        return $this->reweighed($weights, $sum, keepEvidence: true);
    }

    /** @return array<int, float> state => its weight, where it is no less */
    private function atLeast(float $weight): array
    {
        return $weight > 0.0 ? array_filter($this->weight, fn (float $w): bool => $w >= $weight) : $this->weight;
    }

    /** The weight of the so many-th heaviest state; to put thousands in order for a few takes ten times as long. */
    private function heaviest(int $most): float
    {
        if ($most >= count($this->weight)) {
            return 0.0;
        }
        /** @var SplMinHeap<float> $heap */
        $heap = new SplMinHeap;
        $least = -1.0;
        foreach ($this->weight as $w) {
            if ($w > $least) {
                $heap->insert($w);
                if ($heap->count() > $most) {
                    $heap->extract();
                    $least = $heap->top();
                }
            }
        }

        return $heap->top();
    }

    /** Probability that the machine has or had this fault. */
    public function had(int $fault): float
    {
        return $this->hadAny([$fault => true]);
    }

    /**
     * Probability that any of these faults was there at the start.
     *
     * @param  array<int, mixed>  $faults keyed by fault
     */
    public function hadAny(array $faults): float
    {
        $had = [];
        foreach ($this->of as $set) {
            $had[] = $this->sets[$set];
        }

        return $this->anyIn($had, $faults);
    }

    /**
     * Probability that any of these faults is there now.
     *
     * @param  array<int, mixed>  $faults keyed by fault
     */
    public function hasAny(array $faults): float
    {
        return $this->anyIn($this->now(), $faults);
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
        $had = [];
        foreach ($this->of as $set) {
            $had[] = $this->sets[$set];
        }
        $was = $this->withAny($had, $groupOf);

        return [$was, $had === $this->now() ? $was : $this->withAny($this->now(), $groupOf)];
    }

    /**
     * Groups go by number while thousands of states are gone through.
     *
     * @param  list<list<int>>  $faults state => faults
     * @param  array<int, string>  $groupOf fault => its group
     * @return array<string, float> group => probability that any fault of it is there
     */
    private function withAny(array $faults, array $groupOf): array
    {
        $names = array_values(array_unique($groupOf));
        $numbers = array_flip($names);
        $numberOf = array_map(fn (string $group): int => $numbers[$group], $groupOf);
        $sums = [];
        foreach ($this->weight as $i => $w) {
            // The groups met in this state already; an array of them would take twice as long.
            $one = $two = $three = null;
            foreach (isset($faults[$i][4]) ? self::oneOfEach($faults[$i], $numberOf) : $faults[$i] as $fault) {
                $group = $numberOf[$fault] ?? null;
                if ($group !== null && $group !== $one && $group !== $two && $group !== $three) {
                    $sums[$group] = ($sums[$group] ?? 0.0) + $w;
                    $three = $two;
                    $two = $one;
                    $one = $group;
                }
            }
        }

        return array_combine(array_map(fn (int $group): string => $names[$group], array_keys($sums)), $sums);
    }

    /**
     * @param  list<int>  $faults
     * @param  array<int, int>  $groupOf fault => its group
     * @return list<int> the first fault of each group
     */
    private static function oneOfEach(array $faults, array $groupOf): array
    {
        $first = [];
        foreach ($faults as $fault) {
            $first[$groupOf[$fault] ?? -1] ??= $fault;
        }

        return array_values($first);
    }

    /**
     * Probability that nothing is wrong now.
     *
     * @param  array<int, mixed>  $but keyed by faults that do not count
     */
    public function sound(array $but = []): float
    {
        $sum = 0.0;
        $now = $this->now();
        foreach ($this->weight as $i => $w) {
            foreach ($now[$i] as $fault) {
                if (! isset($but[$fault])) {
                    continue 2;
                }
            }
            $sum += $w;
        }

        return $sum;
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
        if ($this->states === null) {
            $this->states = [];
            $now = $this->now();
            foreach ($this->weight as $i => $w) {
                $this->states[] = [$now[$i], $w, $this->sets[$this->of[$i]]];
            }
        }

        return $this->states;
    }

    /**
     * The probability of each set, by its faults.
     *
     * @return array<array-key, float> faults joined by blanks => probability
     */
    public function bySet(): array
    {
        if ($this->bySet === null) {
            $sums = [];
            foreach ($this->weight as $i => $w) {
                $sums[$this->of[$i]] = ($sums[$this->of[$i]] ?? 0.0) + $w;
            }
            $this->bySet = [];
            foreach ($sums as $set => $w) {
                $this->bySet[($this->names[$set] ??= implode(' ', $this->sets[$set]))] = $w;
            }
        }

        return $this->bySet;
    }

    /** Whether it is likelier that one fault brought the machine here, or none, than several. */
    public function isOfOneFault(): bool
    {
        $one = 0.0;
        foreach ($this->weight as $i => $weight) {
            $one += isset($this->sets[$this->of[$i]][1]) ? 0.0 : $weight;
        }

        return $one >= 0.5;
    }

    /**
     * How likely under each set was what was observed since an earlier belief; empty if nothing was.
     *
     * @return array<array-key, float> faults joined by blanks => likelihood, from 1e-9 to 1
     */
    public function fitSince(self $before): array
    {
        if ($this->logEvidence === $before->logEvidence) {
            return [];
        }
        $fit = [];
        $from = $before->bySet();
        $scale = exp($this->logEvidence - $before->logEvidence);
        foreach ($this->bySet() as $set => $w) {
            if (($from[$set] ?? 0.0) > 0.0) {
                $fit[$set] = max(1e-9, min(1.0, ($w * $scale) / $from[$set]));
            }
        }

        return $fit;
    }

    /**
     * Belief as plain data, to be kept.
     *
     * @return array{list<list<int>>, list<int>, list<int>, list<float>, float, float}
     */
    public function kept(): array
    {
        $compact = self::compact($this->sets, $this->of, $this->mask, $this->weight, $this->logEvidence, $this->pruneBelow);

        return [$compact->sets, $compact->of, $compact->mask, $compact->weight, $compact->logEvidence, $compact->pruneBelow];
    }

    /** @param  array{list<list<int>>, list<int>, list<int>, list<float>, float, float}  $kept */
    public static function fromKept(array $kept): self
    {
        return new self(...$kept);
    }

    public function stateCount(): int
    {
        return count($this->weight);
    }

    /** @return list<list<int>> state => faults still there */
    private function now(): array
    {
        if ($this->now === null) {
            $this->now = [];
            foreach ($this->of as $i => $set) {
                $had = $this->sets[$set];
                $mask = $this->mask[$i];
                $this->now[] = $mask === (1 << count($had)) - 1 ? $had : ($this->alive[$set][$mask] ??= self::left($had, $mask));
            }
        }

        return $this->now;
    }

    /**
     * @param  list<int>  $had
     *
     * @return list<int> the faults that a mask says are still there
     */
    private static function left(array $had, int $mask): array
    {
        $left = [];
        foreach ($had as $bit => $fault) {
            if ($mask & (1 << $bit)) {
                $left[] = $fault;
            }
        }

        return $left;
    }

    /**
     * @param  list<list<int>>  $faults state => faults
     * @param  array<int, mixed>  $wanted keyed by fault
     *
     * @return float probability that any of these is there
     */
    private function anyIn(array $faults, array $wanted): float
    {
        $sum = 0.0;
        foreach ($this->weight as $i => $w) {
            foreach ($faults[$i] as $fault) {
                if (isset($wanted[$fault])) {
                    $sum += $w;
                    break;
                }
            }
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $split mask => share
     *
     * @return array<int, float> the same, once an act that cures the fault at a bit was done
     */
    private function cured(array $split, int $bit, float $cure): array
    {
        $after = [];
        foreach ($split as $mask => $share) {
            $after[$mask] = $share * (1.0 - $cure);
            $after[$mask ^ $bit] = $share * $cure;
        }

        return $after;
    }

    /** The state that a state becomes once a fault has come about, as mask << 32 | set; a new set if there is none yet. */
    private function with(int $set, int $mask, int $fault): int
    {
        $at = array_search($fault, $this->sets[$set], true);
        if ($at !== false) {
            return (($mask | (1 << $at)) << 32) | $set;
        }
        if (! isset($this->extended[$set][$fault])) {
            $this->index ??= array_flip(array_map(fn (array $faults): string => implode(' ', $faults), $this->sets));
            $faults = [...$this->sets[$set], $fault];
            sort($faults);
            $key = implode(' ', $faults);
            if (! isset($this->index[$key])) {
                $this->index[$key] = count($this->sets);
                $this->sets[] = $faults;
            }
            $this->extended[$set][$fault] = $this->index[$key];
        }
        $into = $this->extended[$set][$fault];
        $at = (int) array_search($fault, $this->sets[$into], true);
        $below = (1 << $at) - 1;

        return ((($mask & $below) | (1 << $at) | (($mask & ~$below) << 1)) << 32) | $into;
    }

    /** @param  array<int, float>  $weights state => unnormalised weight */
    private function reweighed(array $weights, float $total, bool $keepEvidence = false): self
    {
        $least = $this->pruneBelow * $total;
        $of = $mask = $weight = $now = [];
        $kept = 0.0;
        $before = $this->now();
        foreach ($weights as $i => $w) {
            if ($w > $least) {
                $of[] = $this->of[$i];
                $mask[] = $this->mask[$i];
                $weight[] = $w;
                $now[] = $before[$i];
                $kept += $w;
            }
        }
        foreach ($weight as $i => $w) {
            $weight[$i] = $w / $kept;
        }
        $logEvidence = $this->logEvidence + ($keepEvidence ? 0.0 : log($total));
        if (count($this->sets) > self::SPARE_SETS + 2 * count($weight)) {
            $belief = self::compact($this->sets, $of, $mask, $weight, $logEvidence, $this->pruneBelow);
            $belief->now = $now;

            return $belief;
        }
        $belief = new self($this->sets, $of, $mask, $weight, $logEvidence, $this->pruneBelow);
        $belief->now = $now;
        [$belief->alive, $belief->names, $belief->index, $belief->extended] = [$this->alive, $this->names, $this->index, $this->extended];

        return $belief;
    }

    /**
     * Without the sets that no state is about any more.
     *
     * @param  array<int, list<int>>  $sets
     * @param  list<int>  $of
     * @param  list<int>  $mask
     * @param  list<float>  $weight
     */
    private static function compact(array $sets, array $of, array $mask, array $weight, float $logEvidence, float $pruneBelow): self
    {
        $at = $kept = [];
        foreach ($of as $i => $set) {
            if (! isset($at[$set])) {
                $at[$set] = count($kept);
                $kept[] = $sets[$set];
            }
            $of[$i] = $at[$set];
        }

        return new self($kept, $of, $mask, $weight, $logEvidence, $pruneBelow);
    }

    /** @param  array<int, float>  $states mask << 32 | set => weight */
    private function fromStates(array $states): self
    {
        $of = $mask = $weight = [];
        foreach ($states as $key => $w) {
            $of[] = $key & 0xFFFFFFFF;
            $mask[] = $key >> 32;
            $weight[] = $w;
        }
        $belief = new self($this->sets, $of, $mask, $weight, $this->logEvidence, $this->pruneBelow);
        [$belief->alive, $belief->names, $belief->index, $belief->extended] = [$this->alive, $this->names, $this->index, $this->extended];

        return $belief->pruned();
    }

    private function pruned(): self
    {
        return $this->pruneBelow > 0.0 ? $this->reweighed($this->weight, array_sum($this->weight), keepEvidence: true) : $this;
    }
}
