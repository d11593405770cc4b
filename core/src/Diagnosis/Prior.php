<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;

/**
 * What is likely before the bench has seen anything: sets of one and of two faults, and of three where asked. Independent
 * priors alone would make pairs far too common, so pairs get a stated share of all jobs: first those where one fault
 * brought the other about, then chance pairs.
 */
final readonly class Prior
{
    /** Share of belief under which a state is dropped when few sets are looked at. Origin: judgement. */
    public const KEEP_NEARLY_ALL = 1e-7;

    /** Share of the weight at which a pair is dropped, so that none is left out which is not: the first entry may move parts itself. */
    private const SURELY_DROPPED = 0.5;

    /** @var array<int, float> mode => share of jobs in which it is the only fault, or one of a chance pair, relative to the rest */
    private array $known;

    /** @var array<int, float> those of them that may stand beside another fault */
    private array $paired;

    /** @var array<int, int> mode => its place among them */
    private array $places;

    /** @var array<int, float> the same for causes outside the catalogue */
    private array $outside;

    /** @var array<int, array<int, float>> lower mode => higher mode => share of jobs in which one brought the other about */
    private array $brought;

    private float $chance;

    /** What the product of three shares is multiplied by. */
    private float $triples;

    /** @var array<int, string> mode => its part */
    private array $partOf;

    /** @var array<string, list<int>> part => its modes */
    private array $ofPart;

    /** @var array<int, string> mode => its fault */
    private array $faultOf;

    /** How often one part has two faults, against two parts with one each. */
    private float $samePart;

    /** @param  list<Event>  $events what happened just before, and marks made at arrival */
    public function __construct(private Modes $modes, private Catalogue $catalogue, array $events)
    {
        $priors = self::shifted($modes, $events);
        $this->partOf = array_map(fn (Mode $mode): string => $mode->part, $modes->all);
        $ofPart = [];
        foreach ($this->partOf as $mode => $part) {
            $ofPart[$part][] = $mode;
        }
        $this->ofPart = $ofPart;
        $this->faultOf = array_map(fn (Mode $mode): string => $mode->fault->id, $modes->all);
        $this->samePart = $catalogue->number('same_part_share');
        $outside = array_filter($priors, fn (int $m): bool => $modes->all[$m]->fault->part === 'outside', ARRAY_FILTER_USE_KEY);
        $this->outside = self::shares($outside);
        $this->known = self::shares(array_diff_key($priors, $outside));
        $this->paired = self::shares(array_filter($this->known, fn (int $m): bool => ! $modes->all[$m]->alone, ARRAY_FILTER_USE_KEY));
        $this->places = array_flip(array_keys($this->paired));
        $this->brought = $this->brought();
        $this->chance = $this->chance();
        $this->triples = $catalogue->number('triple_share') / $this->allTriples();
    }

    /**
     * Belief over nothing, each fault alone, and all pairs.
     *
     * @param  float  $pruneBelow share of belief under which a state is dropped
     * @param  ?EntryFit  $first what each fault alone makes of the first entry: pairs that it will drop need not be looked at
     */
    public function belief(float $pruneBelow, ?EntryFit $first = null): Belief
    {
        [$sets, $weights] = $this->upToOne();
        $modes = array_keys($this->paired);
        $fits = array_map(fn (int $mode): float => $first === null ? 1.0 : $first->of[$mode] ?? $first->none, $modes);
        $least = $first === null ? 0.0 : self::SURELY_DROPPED * $pruneBelow * self::expected($first, $sets, $weights);
        $lower = array_map(fn (array $set): int => $set[0] ?? FaultSets::NONE, $sets);
        $higher = array_fill(0, count($sets), FaultSets::NONE);
        foreach ($modes as $i => $a) {
            $fit = $fits[$i];
            foreach ($this->pairsOf($a) as $weight) {
                $i++;
                // Two faults explain an entry no better than both taken together.
                if ($weight * ($fit + $fits[$i]) > $least) {
                    $lower[] = $a;
                    $higher[] = $modes[$i];
                    $weights[] = $weight;
                }
            }
        }

        return Belief::begin(new FaultSets($lower, $higher), $weights, $pruneBelow);
    }

    /**
     * What `pair` says of a fault with each of those that come after it in `alone`, in their order: asked of all, half a million times.
     *
     * @return list<float> shares of jobs
     */
    public function pairsOf(int $mode): array
    {
        $share = $this->paired[$mode];
        $brought = $this->brought[$mode] ?? [];
        $ofOnePart = [];
        foreach ($this->ofPart[$this->partOf[$mode]] as $other) {
            $ofOnePart[$other] = $this->faultOf[$other] === $this->faultOf[$mode] ? 0.0 : $this->chance * $this->samePart;
        }
        $pairs = [];
        foreach (array_slice($this->paired, $this->places[$mode] + 1, null, true) as $other => $p) {
            $pairs[] = $share * $p * ($ofOnePart[$other] ?? $this->chance) + ($brought[$other] ?? 0.0);
        }

        return $pairs;
    }

    /**
     * Every set of one and of two faults with its share of jobs, likeliest first; for who draws one of them.
     *
     * @return array<int, float> a number that `faultsOf` understands => share
     */
    public function likeliestFirst(): array
    {
        [$sets, $weights] = $this->upToOne();
        $shares = array_combine(array_map(fn (array $set): int => $set[0] ?? Belief::NONE, $sets), $weights);
        unset($shares[Belief::NONE]);
        $modes = array_keys($this->paired);
        foreach ($modes as $i => $a) {
            foreach ($this->pairsOf($a) as $share) {
                $i++;
                if ($share > 0.0) {
                    $shares[($modes[$i] << 32) | $a] = $share;
                }
            }
        }
        arsort($shares);

        return $shares;
    }

    /** @return list<int> the one fault, or the two in rising order, that a number of `likeliestFirst` stands for */
    public static function faultsOf(int $set): array
    {
        return $set >> 32 === 0 ? [$set] : [$set & 0xFFFFFFFF, $set >> 32];
    }

    /**
     * How likely an entry is beforehand, with one fault or none: no more than it is in all.
     *
     * @param  list<list<int>>  $sets of none and of one
     * @param  list<float>  $weights the share of each
     */
    private static function expected(EntryFit $entry, array $sets, array $weights): float
    {
        $fit = fn (array $set, float $weight): float => $weight * ($set === [] ? $entry->none : $entry->of[$set[0]] ?? $entry->none);

        return array_sum(array_map($fit, $sets, $weights));
    }

    /**
     * Belief over a few sets only: nothing, each fault alone, and those given, of two or three faults.
     *
     * @param  list<list<int>>  $sets each in rising order
     */
    public function among(array $sets, float $pruneBelow): Belief
    {
        [$all, $weights] = $this->upToOne();
        foreach ($sets as $set) {
            $weight = match (count($set)) {
                2 => $this->pair($set[0], $set[1]),
                3 => $this->triple(...$set),
                default => 0.0,
            };
            if ($weight > 0.0) {
                $all[] = $set;
                $weights[] = $weight;
            }
        }

        return Belief::weighing($all, $weights, $pruneBelow);
    }

    /** Share of jobs in which just these two faults are there; one part has both more seldom than two parts. The first is the lower. */
    public function pair(int $a, int $b): float
    {
        $chance = $this->chance;
        if ($this->partOf[$a] === $this->partOf[$b]) {
            if ($this->faultOf[$a] === $this->faultOf[$b]) {
                return 0.0;
            }
            $chance *= $this->samePart;
        }

        return ($this->paired[$a] ?? 0.0) * ($this->paired[$b] ?? 0.0) * $chance + ($this->brought[$a][$b] ?? 0.0);
    }

    /** Share of jobs in which just these three faults are there, in any order: none where one part would have two. */
    public function triple(int $a, int $b, int $c): float
    {
        if ($this->partOf[$a] === $this->partOf[$b] || $this->partOf[$a] === $this->partOf[$c] || $this->partOf[$b] === $this->partOf[$c]) {
            return 0.0;
        }

        return ($this->paired[$a] ?? 0.0) * ($this->paired[$b] ?? 0.0) * ($this->paired[$c] ?? 0.0) * $this->triples;
    }

    /**
     * @return array<int, float> mode => how likely it is to be the one fault of a machine that has one, of those that may stand beside
     *     another
     */
    public function alone(): array
    {
        return $this->paired;
    }

    /** @return array{list<list<int>>, list<float>} fault sets of none and one, and the share of each */
    private function upToOne(): array
    {
        [$sets, $weights] = [[[]], [$this->sound()]];
        foreach ([[$this->known, $this->single()], [$this->outside, $this->catalogue->number('outside_share')]] as [$group, $share]) {
            foreach ($group as $mode => $p) {
                $sets[] = [$mode];
                $weights[] = $share * $p;
            }
        }

        return [$sets, $weights];
    }

    /** Share of jobs in which nothing is wrong with what came in; parts that come alone are often good. */
    private function sound(): float
    {
        return $this->catalogue->number($this->modes->ofAPartAlone ? 'sound_alone' : 'sound_share');
    }

    /** Share of jobs with one fault of the catalogue. */
    private function single(): float
    {
        return 1.0
            - $this->catalogue->number('double_share')
            - $this->sound()
            - $this->catalogue->number('outside_share');
    }

    /** What the product of two shares is multiplied by, so that chance pairs and those brought about make up the share of doubles. */
    private function chance(): float
    {
        $ofPart = $ofFault = [];
        foreach ($this->paired as $mode => $p) {
            $part = $this->partOf[$mode];
            $ofPart[$part] = ($ofPart[$part] ?? 0.0) + $p;
            $fault = "{$part} {$this->faultOf[$mode]}";
            $ofFault[$fault] = ($ofFault[$fault] ?? 0.0) + $p;
        }
        $squares = fn (array $shares): float => array_sum(array_map(fn (float $p): float => $p ** 2, $shares));
        $all = (1.0 - $squares($ofPart) + $this->samePart * ($squares($ofPart) - $squares($ofFault))) / 2.0;
        $left = $this->catalogue->number('double_share') - array_sum(array_map(array_sum(...), $this->brought));

        return $all > 1e-12 ? max(0.0, $left) / $all : 0.0;
    }

    /** The sum over all triples from the sums of powers: e3 = (s1^3 - 3 s1 s2 + 2 s3) / 6, with s1 = 1. */
    private function allTriples(): float
    {
        $squares = array_sum(array_map(fn (float $p): float => $p ** 2, $this->paired));
        $cubes = array_sum(array_map(fn (float $p): float => $p ** 3, $this->paired));

        return (1.0 - 3.0 * $squares + 2.0 * $cubes) / 6.0;
    }

    /**
     * Pairs of which one fault brought the other about. No more than the whole share of doubles.
     *
     * @return array<int, array<int, float>> lower mode => higher mode => share of jobs
     */
    private function brought(): array
    {
        $single = $this->single();
        $ofFault = [];
        foreach ($this->paired as $mode => $p) {
            $ofFault[$this->modes->all[$mode]->fault->id][$mode] = $p;
        }
        $brought = [];
        $sum = 0.0;
        foreach ($this->catalogue->couplings as $coupling) {
            $seconds = $ofFault[$coupling->second] ?? [];
            foreach ($ofFault[$coupling->first] ?? [] as $a => $p) {
                foreach ($seconds as $b => $q) {
                    if ($this->modes->all[$a]->part !== $this->modes->all[$b]->part) {
                        $share = ($single * $p * $coupling->given * $q) / array_sum($seconds);
                        $brought[min($a, $b)][max($a, $b)] = ($brought[min($a, $b)][max($a, $b)] ?? 0.0) + $share;
                        $sum += $share;
                    }
                }
            }
        }
        $most = $this->catalogue->number('double_share');
        if ($sum > $most) {
            $brought = array_map(fn (array $row): array => array_map(fn (float $share): float => ($share * $most) / $sum, $row), $brought);
        }

        return $brought;
    }

    /**
     * @param  array<int, float>  $priors
     *
     * @return array<int, float> the same, summing to one
     */
    private static function shares(array $priors): array
    {
        $sum = array_sum($priors);

        return array_map(fn (float $p): float => $p / $sum, $priors);
    }

    /**
     * @param  list<Event>  $events
     *
     * @return array<int, float> mode => prior
     */
    private static function shifted(Modes $modes, array $events): array
    {
        $factors = self::factors($events);
        $priors = [];
        foreach ($modes->priors as $mode => $p) {
            if ($p > 0.0) {
                $priors[$mode] = isset($modes->sharesOf[$mode])
                    ? $modes->sharesOf[$mode][1] * array_sum(array_intersect_key($priors, array_flip($modes->sharesOf[$mode][0])))
                    : $p * ($factors[$modes->all[$mode]->fault->id] ?? 1.0);
            }
        }

        return $priors;
    }

    /**
     * What was told twice in other words counts once: of events that say the same, the strongest factor for each fault.
     *
     * @param  list<Event>  $events
     *
     * @return array<string, float> fault => factor
     */
    private static function factors(array $events): array
    {
        $strongest = [];
        foreach ($events as $event) {
            foreach ($event->factors as $fault => $factor) {
                $so = $strongest[$fault][$event->sameAs ?? $event->id] ?? 1.0;
                $strongest[$fault][$event->sameAs ?? $event->id] = abs(log($factor)) > abs(log($so)) ? $factor : $so;
            }
        }

        return array_map(fn (array $bySort): float => (float) array_product($bySort), $strongest);
    }
}
