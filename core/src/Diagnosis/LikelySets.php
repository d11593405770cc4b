<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/**
 * The sets of two and three faults that come near to explaining a record, found without going through it again: from what
 * each fault alone makes of each entry. What is shared by several entries (a fault cured on the way, a sign shown again) is
 * left out of account, so what is found is looked into properly afterwards.
 */
final class LikelySets
{
    /** Pairs and triples found at most. Origin: judgement. */
    private const PAIRS = 500;

    private const TRIPLES = 60;

    /** How much less likely than the best a set may be and still be found. Origin: judgement. */
    private const FAR_BEHIND = 1e-3;

    /** Pairs to which a third fault is added. Origin: judgement. */
    private const EXTENDED = 12;

    /** @var array<int, list<float>> fault => how likely each entry is, against the fault that explains it best */
    private array $of = [];

    /** @var array<int, list<float>> fault => share in which it lets later ones show, entry by entry */
    private array $past = [];

    /** @var list<float> the same likelihood with nothing wrong */
    private array $none = [];

    /**
     * @param  list<EntryFit>  $fits of the entries
     * @param  array<int, int>  $stops fault => stage it stops at
     */
    private function __construct(private readonly Prior $prior, array $fits, private readonly array $stops)
    {
        $faults = array_keys($prior->alone());
        foreach (self::mostTellingFirst($fits, count($faults)) as $fit) {
            $best = $fit->best();
            $this->none[] = $fit->none / $best;
            foreach ($faults as $fault) {
                $this->of[$fault][] = ($fit->of[$fault] ?? $fit->none) / $best;
                $this->past[$fault][] = $fit->past[$fault] ?? 1.0;
            }
        }
    }

    /**
     * @param  list<EntryFit>  $fits of the entries
     * @param  array<int, int>  $stops fault => stage it stops at
     *
     * @return list<list<int>> sets in rising order
     */
    public static function of(Prior $prior, array $fits, array $stops): array
    {
        $likely = new self($prior, $fits, $stops);
        $pairs = $likely->pairs();

        return [...$pairs, ...$likely->triples(array_slice($pairs, 0, self::EXTENDED))];
    }

    /** @return list<array{int, int}> best first */
    private function pairs(): array
    {
        $scores = [];
        $floor = 0.0;
        $faults = array_keys($this->of);
        foreach ($faults as $i => $a) {
            foreach ($this->prior->pairsOf($a) as $score) {
                $i++;
                if ($score <= $floor) {
                    continue;
                }
                $b = $faults[$i];
                [$first, $later] = $this->stops[$a] <= $this->stops[$b] ? [$a, $b] : [$b, $a];
                $of = $this->of[$later];
                $past = $this->past[$first];
                foreach ($this->of[$first] as $e => $likelihood) {
                    $score *= $likelihood + $past[$e] * ($of[$e] - $this->none[$e]);
                    if ($score <= $floor) {
                        continue 2;
                    }
                }
                $scores[($a << 32) | $b] = $score;
                $floor = max($floor, $score * self::FAR_BEHIND);
            }
        }

        return array_map(fn (int $pair): array => [$pair >> 32, $pair & 0xFFFFFFFF], array_keys(self::near($scores, self::PAIRS)));
    }

    /**
     * Pairs with a third fault each.
     *
     * @param  list<array{int, int}>  $pairs
     *
     * @return list<list<int>> best first
     */
    private function triples(array $pairs): array
    {
        $scores = [];
        $floor = 0.0;
        foreach ($pairs as [$a, $b]) {
            foreach (array_keys($this->of) as $c) {
                $score = $this->prior->triple($a, $b, $c);
                if ($score <= $floor) {
                    continue;
                }
                $set = [$a, $b, $c];
                usort($set, fn (int $x, int $y): int => $this->stops[$x] <=> $this->stops[$y]);
                [$first, $second, $third] = $set;
                foreach ($this->none as $e => $none) {
                    $score
                        *= $this->of[$first][$e]
                        + $this->past[$first][$e]
                            * ($this->of[$second][$e] + $this->past[$second][$e] * ($this->of[$third][$e] - $none) - $none);
                    if ($score <= $floor) {
                        continue 2;
                    }
                }
                sort($set);
                $scores[implode(' ', $set)] = $score;
                $floor = max($floor, $score * self::FAR_BEHIND);
            }
        }

        return array_map(
            fn (string $set): array => array_map(intval(...), explode(' ', $set)),
            array_keys(self::near($scores, self::TRIPLES)),
        );
    }

    /**
     * @template Key of array-key
     *
     * @param  array<Key, float>  $scores
     *
     * @return array<Key, float> those not far behind the best, best first, and no more than so many
     */
    private static function near(array $scores, int $most): array
    {
        arsort($scores);
        $floor = (reset($scores) ?: 0.0) * self::FAR_BEHIND;

        return array_filter(array_slice($scores, 0, $most, true), fn (float $score): bool => $score >= $floor);
    }

    /**
     * So that a set that explains little is soon given up.
     *
     * @param  list<EntryFit>  $fits
     *
     * @return list<EntryFit>
     */
    private static function mostTellingFirst(array $fits, int $faults): array
    {
        $lost = array_map(function (EntryFit $fit) use ($faults): float {
            $best = log($fit->best());
            $rest = ($faults - count($fit->of)) * ($best - log($fit->none));

            return $rest + array_sum(array_map(fn (float $likelihood): float => $best - log($likelihood), $fit->of));
        }, $fits);
        arsort($lost);

        return array_map(fn (int $i): EntryFit => $fits[$i], array_keys($lost));
    }
}
