<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use InvalidArgumentException;
use SplMinHeap;

/**
 * What is believed: a probability over fault sets, and over which faults of each set are still there.
 *
 * A general engine: it knows faults only as numbers. What was wrong never changes; acts move
 * weight from "still there" towards "cured", and never back. Immutable; every observation and act gives a new belief.
 */
final class Belief
{
    /** Stands for no fault at all. */
    public const NONE = FaultSets::NONE;

    /** Share of belief under which a fault brought about on the way is not followed, even where nothing else is dropped. */
    private const ARISING_LEAST = 3e-5;

    /** The same for a lent part that may itself be bad, where anything is dropped at all. */
    private const INTRODUCED_LEAST = 3e-6;

    /** Sets no state is about are cleared away once they are more than twice the states and this many. */
    private const SPARE_SETS = 200;

    /** @var ?list<array{list<int>, float, list<int>}> filled as needed */
    private ?array $states = null;

    /** @var ?array<array-key, float> faults of a set, joined => its probability; filled as needed */
    private ?array $bySet = null;

    /** @var ?array<int, float> fault => its probability; filled as needed */
    private ?array $marginals = null;

    /** @var ?array{array<int, mixed>, float} what did not count the last time it was asked, and the answer */
    private ?array $sound = null;

    /** @var ?array<int, int> what is there << 32 | what was => the state; filled as needed */
    private ?array $index = null;

    /**
     * @param  list<int>  $was    state => the set of faults that were there at the start
     * @param  list<int>  $is     state => the set of those that are still there
     * @param  list<float>  $weight state => probability; they sum to one
     * @param  float  $logEvidence natural logarithm of the probability of all that was observed
     */
    private function __construct(
        private readonly FaultSets $sets,
        private readonly array $was,
        private readonly array $is,
        private readonly array $weight,
        public readonly float $logEvidence,
        private readonly float $pruneBelow,
    ) {
    }

    /**
     * @param  list<array{list<int>, float}>  $hypotheses fault sets, each once, with their prior, in any scale
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
     * @param  list<list<int>>  $sets fault sets, each once and in rising order
     * @param  list<float>  $priors set => its prior, in any scale
     */
    public static function weighing(array $sets, array $priors, float $pruneBelow = 0.0): self
    {
        return self::begin(FaultSets::of($sets), $priors, $pruneBelow);
    }

    /**
     * The same over sets that are numbered already.
     *
     * @param  list<float>  $priors set => its prior, in any scale
     */
    public static function begin(FaultSets $sets, array $priors, float $pruneBelow = 0.0): self
    {
        $total = array_sum($priors);
        if ($total <= 0.0) {
            throw new InvalidArgumentException('Hypotheses need a positive prior between them.');
        }
        foreach ($priors as $i => $prior) {
            $priors[$i] = $prior / $total;
        }
        $all = array_keys($priors);

        return new self($sets, $all, $all, $priors, 0.0, $pruneBelow);
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
        $weights = $this->weight;
        $total = 0.0;
        foreach ($this->likelihoods($seen) as $i => $likelihood) {
            $weights[$i] = $w = $weights[$i] * ($times === 1.0 ? $likelihood : $likelihood ** $times);
            $total += $w;
        }

        return $total > 0.0 ? $this->reweighed($weights, $total) : $this;
    }

    /** How likely an observation is now. */
    public function predict(Likelihood $seen, int $times = 1): float
    {
        $sum = 0.0;
        foreach ($this->likelihoods($seen) as $i => $likelihood) {
            $sum += $this->weight[$i] * $likelihood ** $times;
        }

        return $sum;
    }

    /** @return list<float> state => how likely it makes what was seen */
    private function likelihoods(Likelihood $seen): array
    {
        if ($seen instanceof LikelihoodOfMany) {
            return $seen->ofEach($this->sets, $this->is);
        }

        return array_map(fn (int $set): float => $seen->given($this->sets->faults($set)), $this->is);
    }

    /**
     * Belief after an act that cures faults with given probabilities.
     *
     * @param  array<int, float>  $cures fault => probability that it is now gone
     */
    public function after(array $cures): self
    {
        $cures = array_filter($cures, fn (float $p): bool => $p > 0.0);
        $touched = $cures === [] ? [] : $this->having($this->is, $cures);
        if ($touched === []) {
            return $this;
        }
        $left = $moved = [];
        foreach ($touched as $i) {
            $split = [$this->is[$i] => $this->weight[$i]];
            foreach ($this->sets->faults($this->is[$i]) as $fault) {
                if (isset($cures[$fault])) {
                    $split = $this->cured($split, $fault, $cures[$fault]);
                }
            }
            $left[$i] = $split[$this->is[$i]];
            unset($split[$this->is[$i]]);
            foreach ($split as $set => $share) {
                $state = ($set << 32) | $this->was[$i];
                $moved[$state] = ($moved[$state] ?? 0.0) + $share;
            }
        }

        return $this->moving($left, $moved);
    }

    /**
     * @param  list<int>  $of state => set
     * @param  array<int, mixed>  $faults keyed by fault
     *
     * @return list<int> states whose set has any of them
     */
    private function having(array $of, array $faults): array
    {
        $having = [];
        [$first, $second] = [$this->sets->first, $this->sets->second];
        foreach ($of as $i => $set) {
            if (
                isset($faults[$first[$set]])
                || isset($faults[$second[$set]])
                || ($second[$set] === FaultSets::SEVERAL && $this->hasOneOf($set, $faults))
            ) {
                $having[] = $i;
            }
        }

        return $having;
    }

    /**
     * Whether a set has any of these, however many it has.
     *
     * @param  array<int, mixed>  $faults keyed by fault
     */
    private function hasOneOf(int $set, array $faults): bool
    {
        return array_intersect_key(array_flip($this->sets->faults($set)), $faults) !== [];
    }

    /**
     * Belief after something was done that may bring faults about, each with a given probability; at most one of them.
     *
     * @param  array<int, float>  $arising fault => probability
     */
    public function arising(array $arising): self
    {
        return $this->bringing($arising, self::ARISING_LEAST);
    }

    /** A further fault comes into question, independent of the rest: a lent part that may itself be bad. */
    public function introduce(int $fault, float $probability): self
    {
        return $this->bringing([$fault => $probability], $this->pruneBelow > 0.0 ? self::INTRODUCED_LEAST : 0.0);
    }

    /**
     * @param  array<int, float>  $faults fault => probability
     * @param  float  $least share of belief up to which a fault is not followed
     */
    private function bringing(array $faults, float $least): self
    {
        if ($faults === []) {
            return $this;
        }
        $likeliest = max($faults);
        $left = $moved = [];
        foreach ($this->weight as $i => $w) {
            if ($w * $likeliest <= $least) {
                continue;
            }
            foreach ($faults as $fault => $p) {
                $share = $w * $p;
                if ($share > $least) {
                    $is = $this->sets->with($this->is[$i], $fault);
                    if ($is !== $this->is[$i]) {
                        $state = ($is << 32) | $this->sets->with($this->was[$i], $fault);
                        $left[$i] = ($left[$i] ?? $w) - $share;
                        $moved[$state] = ($moved[$state] ?? 0.0) + $share;
                    }
                }
            }
        }

        return $this->moving($left, $moved);
    }

    /**
     * @param  array<int, float>  $left state => its weight after some of it went elsewhere
     * @param  array<int, float>  $moved what is there << 32 | what was => weight that came
     */
    private function moving(array $left, array $moved): self
    {
        if ($left === []) {
            return $this;
        }
        [$was, $is] = [$this->was, $this->is];
        $weight = array_replace($this->weight, $left);
        $least = min($left);
        $index = $this->index();
        foreach ($moved as $state => $share) {
            $i = $index[$state] ?? count($weight);
            if (! isset($weight[$i])) {
                [$is[], $was[]] = [$state >> 32, $state & 0xFFFFFFFF];
                $least = min($least, $share);
            }
            $weight[$i] = ($weight[$i] ?? 0.0) + $share;
        }
        $weight = array_values($weight);
        $belief = new self($this->sets, $was, $is, $weight, $this->logEvidence, $this->pruneBelow);

        return $this->pruneBelow > 0.0 && $least <= $this->pruneBelow
            ? $belief->reweighed($weight, array_sum($weight), keepEvidence: true)
            : $belief;
    }

    /** @return array<int, int> what is there << 32 | what was => the state */
    private function index(): array
    {
        if ($this->index === null) {
            $this->index = [];
            foreach ($this->is as $i => $set) {
                $this->index[($set << 32) | $this->was[$i]] = $i;
            }
        }

        return $this->index;
    }

    /** The likeliest states that together hold a share of belief, but no more than so many; a smaller belief for planning. */
    public function mostOf(float $share, int $most = PHP_INT_MAX): self
    {
        $order = self::atLeast($this->weight, self::heaviest($this->weight, max(1, $most)));
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

    /**
     * @param  array<int, float>  $weights
     *
     * @return array<int, float> those that are no less
     */
    private static function atLeast(array $weights, float $least): array
    {
        if ($least <= 0.0) {
            return $weights;
        }
        $heavy = [];
        foreach ($weights as $i => $w) {
            if ($w >= $least) {
                $heavy[$i] = $w;
            }
        }

        return $heavy;
    }

    /**
     * The so many-th heaviest of weights; to put thousands in order for a few takes ten times as long.
     *
     * @param  array<int, float>  $weights
     */
    private static function heaviest(array $weights, int $most): float
    {
        if ($most >= count($weights)) {
            return 0.0;
        }
        /** @var SplMinHeap<float> $heap */
        $heap = new SplMinHeap;
        $least = -1.0;
        foreach ($weights as $w) {
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
        return $this->anyIn($this->was, $faults);
    }

    /**
     * Probability that any of these faults is there now.
     *
     * @param  array<int, mixed>  $faults keyed by fault
     */
    public function hasAny(array $faults): float
    {
        return $this->anyIn($this->is, $faults);
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
        $was = $this->withAny($this->was, $groupOf);

        return [$was, $this->is === $this->was ? $was : $this->withAny($this->is, $groupOf)];
    }

    /**
     * Groups go by number while thousands of states are gone through.
     *
     * @param  list<int>  $of state => set
     * @param  array<int, string>  $groupOf fault => its group
     * @return array<string, float> group => probability that any fault of it is there
     */
    private function withAny(array $of, array $groupOf): array
    {
        $names = array_values(array_unique($groupOf));
        $numbers = array_flip($names);
        $numberOf = array_map(fn (string $group): int => $numbers[$group], $groupOf);
        // What belongs to no group is counted in one of its own.
        $none = count($names);
        $sums = array_fill(0, $none + 1, 0.0);
        [$first, $second] = [$this->sets->first, $this->sets->second];
        foreach ($of as $i => $set) {
            $other = $second[$set];
            if ($other === FaultSets::NONE) {
                $sums[$numberOf[$first[$set]] ?? $none] += $this->weight[$i];
            } elseif ($other !== FaultSets::SEVERAL) {
                $one = $numberOf[$first[$set]] ?? $none;
                $two = $numberOf[$other] ?? $none;
                $sums[$one] += $this->weight[$i];
                $sums[$one === $two ? $none : $two] += $this->weight[$i];
            } else {
                foreach (self::groupsOf($this->sets->faults($set), $numberOf) as $group) {
                    $sums[$group] += $this->weight[$i];
                }
            }
        }
        unset($sums[$none]);

        return array_filter(array_combine($names, $sums), fn (float $sum): bool => $sum > 0.0);
    }

    /**
     * @param  list<int>  $faults
     * @param  array<int, int>  $groupOf fault => its group
     * @return list<int> the groups of faults, each once
     */
    private static function groupsOf(array $faults, array $groupOf): array
    {
        return array_keys(array_flip(array_intersect_key($groupOf, array_flip($faults))));
    }

    /**
     * Probability that nothing is wrong now.
     *
     * @param  array<int, mixed>  $but keyed by faults that do not count
     */
    public function sound(array $but = []): float
    {
        if ($this->sound !== null && $this->sound[0] === $but) {
            return $this->sound[1];
        }
        $sum = 0.0;
        $sets = $this->sets;
        [$first, $second] = [$sets->first, $sets->second];
        $none = $but + [FaultSets::NONE => true];
        foreach ($this->is as $i => $set) {
            if (
                isset($none[$first[$set]])
                && (isset($none[$second[$set]])
                    || ($second[$set] === FaultSets::SEVERAL && array_diff_key(array_flip($sets->faults($set)), $but) === []))
            ) {
                $sum += $this->weight[$i];
            }
        }
        $this->sound = [$but, $sum];

        return $sum;
    }

    /**
     * Probability of each fault, past or present, for all faults at once.
     *
     * @return array<int, float>
     */
    public function marginals(): array
    {
        if ($this->marginals === null) {
            $this->marginals = [];
            foreach ($this->weight as $i => $w) {
                foreach ($this->sets->faults($this->was[$i]) as $fault) {
                    $this->marginals[$fault] = ($this->marginals[$fault] ?? 0.0) + $w;
                }
            }
        }

        return $this->marginals;
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
            $sums[$this->was[$i]] = ($sums[$this->was[$i]] ?? 0.0) + $w;
        }
        $sums = self::atLeast($sums, self::heaviest($sums, $most));
        arsort($sums);
        $sets = [];
        foreach (array_slice($sums, 0, $most, true) as $set => $w) {
            $sets[] = [$this->sets->faults($set), $w];
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
            foreach ($this->weight as $i => $w) {
                $is = $this->sets->faults($this->is[$i]);
                $this->states[] = [$is, $w, $this->is[$i] === $this->was[$i] ? $is : $this->sets->faults($this->was[$i])];
            }
        }

        return $this->states;
    }

    /**
     * Whether it is still thought of that just these faults were there.
     *
     * @param  list<int>  $faults in rising order
     */
    public function holds(array $faults): bool
    {
        if (isset($faults[2])) {
            return in_array($this->sets->find($faults), $this->was, true);
        }
        [$first, $second] = [$this->sets->first, $this->sets->second];
        $one = $faults[0] ?? FaultSets::NONE;
        $other = $faults[1] ?? FaultSets::NONE;
        foreach ($this->was as $set) {
            if ($first[$set] === $one && $second[$set] === $other) {
                return true;
            }
        }

        return false;
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
                $sums[$this->was[$i]] = ($sums[$this->was[$i]] ?? 0.0) + $w;
            }
            $this->bySet = [];
            foreach ($sums as $set => $w) {
                $this->bySet[$this->sets->name($set)] = $w;
            }
        }

        return $this->bySet;
    }

    /**
     * Of each fault alone, and of none at all under NONE: its probability, and the share of that in which it is still there.
     *
     * @return array{array<int, float>, array<int, float>}
     */
    public function alone(): array
    {
        $had = $has = [];
        [$first, $second] = [$this->sets->first, $this->sets->second];
        foreach ($this->was as $i => $set) {
            if ($second[$set] === FaultSets::NONE) {
                $fault = $first[$set];
                $had[$fault] = ($had[$fault] ?? 0.0) + $this->weight[$i];
                $has[$fault] = ($has[$fault] ?? 0.0) + ($first[$this->is[$i]] === FaultSets::NONE ? 0.0 : $this->weight[$i]);
            }
        }
        foreach ($had as $fault => $w) {
            $has[$fault] = $w > 0.0 ? $has[$fault] / $w : 0.0;
        }

        return [$had, $has];
    }

    /** Whether it is likelier that one fault brought the machine here, or none, than several. */
    public function isOfOneFault(): bool
    {
        $one = 0.0;
        $second = $this->sets->second;
        foreach ($this->was as $i => $set) {
            if ($second[$set] === FaultSets::NONE) {
                $one += $this->weight[$i];
            }
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
     * @return array{array{string, string, array<int, list<int>>}, string, string, string, float, float}
     */
    public function kept(): array
    {
        $belief = $this->compact();

        return [
            $belief->sets->kept(),
            Packed::ofInts($belief->was),
            Packed::ofInts($belief->is),
            Packed::ofFloats($belief->weight),
            $belief->logEvidence,
            $belief->pruneBelow,
        ];
    }

    /** @param  array{array{string, string, array<int, list<int>>}, string, string, string, float, float}  $kept */
    public static function fromKept(array $kept): self
    {
        [$sets, $was, $is, $weight, $logEvidence, $pruneBelow] = $kept;

        return new self(
            FaultSets::fromKept($sets),
            Packed::ints($was),
            Packed::ints($is),
            Packed::floats($weight),
            $logEvidence,
            $pruneBelow,
        );
    }

    public function stateCount(): int
    {
        return count($this->weight);
    }

    /**
     * @param  list<int>  $of state => set
     * @param  array<int, mixed>  $wanted keyed by fault
     *
     * @return float probability that any of these is there
     */
    private function anyIn(array $of, array $wanted): float
    {
        $sum = 0.0;
        foreach ($this->having($of, $wanted) as $i) {
            $sum += $this->weight[$i];
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $split what is there => share
     *
     * @return array<int, float> the same, once an act that cures a fault was done
     */
    private function cured(array $split, int $fault, float $cure): array
    {
        $after = [];
        foreach ($split as $set => $share) {
            $after[$set] = $share * (1.0 - $cure);
            $after[$this->sets->without($set, $fault)] = $share * $cure;
        }

        return $after;
    }

    /** @param  array<int, float>  $weights state => unnormalised weight */
    private function reweighed(array $weights, float $total, bool $keepEvidence = false): self
    {
        $least = $this->pruneBelow * $total;
        $was = $is = $weight = [];
        $kept = 0.0;
        foreach ($weights as $i => $w) {
            if ($w > $least) {
                $was[] = $this->was[$i];
                $is[] = $this->is[$i];
                $weight[] = $w;
                $kept += $w;
            }
        }
        foreach ($weight as $i => $w) {
            $weight[$i] = $w / $kept;
        }
        $belief = new self($this->sets, $was, $is, $weight, $this->logEvidence + ($keepEvidence ? 0.0 : log($total)), $this->pruneBelow);

        return $this->sets->count() > self::SPARE_SETS + 2 * count($weight) ? $belief->compact() : $belief;
    }

    /** Without the sets that no state is about any more. */
    private function compact(): self
    {
        $sets = $at = $was = $is = [];
        foreach ($this->was as $i => $had) {
            $has = $this->is[$i];
            if (! isset($at[$had])) {
                $at[$had] = count($sets);
                $sets[] = $had;
            }
            if (! isset($at[$has])) {
                $at[$has] = count($sets);
                $sets[] = $has;
            }
            $was[] = $at[$had];
            $is[] = $at[$has];
        }

        return new self($this->sets->only($sets), $was, $is, $this->weight, $this->logEvidence, $this->pruneBelow);
    }
}
