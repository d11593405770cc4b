<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Check;

/** How likely it is that a look or reading gave its result. Faults show independently; the first result that shows counts. */
final readonly class FindingLikelihood implements LikelihoodOfMany
{
    /**
     * @param  list<array<int, float>>  $shows results before the one seen, then the one seen: mode => share
     * @param  bool  $clear the result seen is "nothing found"
     * @param  float  $sureness chance that the result is so and not the opposite; only for a check with two results
     */
    private function __construct(
        private array $shows,
        private bool $clear,
        private int $results,
        private float $noise,
        private float $sureness,
    ) {
    }

    /**
     * @param  ?string  $target the part it was made on, if on one
     * @param  float  $noise   share of findings that say nothing, 0 to 1
     * @param  array<int, float>  $badHost mode of the host machine being bad, if made in one => how often a part fails in it then
     * @param  float  $sureness chance that a reading is on the side of its limit that the meter shows, 0 to 1
     * @param  array<int, float>  $also   mode => how often it shows in the same look, of other parts that were in the same host
     * @param  list<string>  $which  parts at which it was found; what could have shown at others did not
     * @param  list<string>  $pointsTo faults that the place of the find speaks for; none where it says only where
     * @param  float  $elsewhere what is left of the others, 0 to 1
     * @param  float  $refused how often what this machine refuses is refused in the host too, 0 to 1
     */
    public static function of(
        Modes $modes,
        Check $check,
        ?string $target,
        string $result,
        float $noise,
        array $badHost = [],
        float $sureness = 1.0,
        array $also = [],
        array $which = [],
        float $refused = 0.0,
        array $pointsTo = [],
        float $elsewhere = 1.0,
    ): self {
        $shows = [];
        foreach ($check->results as $candidate) {
            if (! $candidate->findsSomething()) {
                break;
            }
            $row = [];
            foreach ($modes->all as $i => $mode) {
                // What is looked at shows its own faults, and those of links at it, of which there is one.
                $isAtIt = $target === null || $target === $mode->part || $mode->fault->part !== $check->target;
                if ($mode->spare === null && isset($candidate->shows[$mode->fault->id]) && $isAtIt) {
                    $row[$i] = $candidate->shows[$mode->fault->id];
                }
            }
            if ($pointsTo !== [] && $candidate->id === $result) {
                foreach ($row as $i => $share) {
                    $row[$i] = in_array($modes->all[$i]->fault->id, $pointsTo, true) ? $share : $share * $elsewhere;
                }
            }
            if ($refused > 0.0) {
                $row += array_map(fn (): float => $refused, self::refusing($modes, $check));
            }
            $row += $badHost;
            if ($which !== [] && $candidate->id === $result) {
                $there = array_filter($row, fn (int $i): bool => in_array($modes->all[$i]->part, $which, true), ARRAY_FILTER_USE_KEY);
                $shows[] = array_diff_key($row, $there);
                $row = $there;
            }
            $shows[] = $row + $also;
            if ($candidate->id === $result) {
                break;
            }
        }

        return new self(
            $shows,
            ! $check->result($result)->findsSomething(),
            count($check->results),
            $noise,
            count($check->results) === 2 ? $sureness : 1.0,
        );
    }

    /** @return array<int, Mode> ways in which the board refuses what is tried */
    private static function refusing(Modes $modes, Check $check): array
    {
        return array_filter($modes->all, fn (Mode $mode): bool => $mode->spare === null && $mode->fault->with === $check->target
            && $mode->fault->part !== 'supply');
    }

    public function given(array $faults): float
    {
        $likelihood = 1.0;
        $last = count($this->shows) - 1;
        foreach ($this->shows as $i => $row) {
            $hidden = 1.0;
            foreach ($faults as $fault) {
                $hidden *= 1.0 - ($row[$fault] ?? 0.0);
            }
            $likelihood *= ! $this->clear && $i === $last ? 1.0 - $hidden : $hidden;
        }

        return $this->read($likelihood);
    }

    public function ofEach(FaultSets $sets, array $of): array
    {
        [$first, $second, $last] = [$sets->first, $sets->second, count($this->shows) - 1];
        $likelihoods = array_fill(0, count($of), 1.0);
        foreach ($this->shows as $number => $row) {
            $isSeen = ! $this->clear && $number === $last;
            foreach ($of as $i => $set) {
                if ($second[$set] === FaultSets::SEVERAL) {
                    continue;
                }
                $hidden = (1.0 - ($row[$first[$set]] ?? 0.0)) * (1.0 - ($row[$second[$set]] ?? 0.0));
                $likelihoods[$i] *= $isSeen ? 1.0 - $hidden : $hidden;
            }
        }
        $read = [];
        foreach ($of as $i => $set) {
            $read[] = $second[$set] === FaultSets::SEVERAL ? $this->given($sets->faults($set)) : $this->read($likelihoods[$i]);
        }

        return $read;
    }

    /** Of what is there: a reading may be on the other side of its limit, or say nothing. */
    private function read(float $likelihood): float
    {
        $likelihood = $this->sureness * $likelihood + (1.0 - $this->sureness) * (1.0 - $likelihood);

        return (1.0 - $this->noise) * $likelihood + $this->noise / $this->results;
    }
}
