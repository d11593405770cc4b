<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Reach;

/** How likely it is that a start got as far as it did, with the signs it gave. */
final readonly class StartLikelihood implements LikelihoodOfMany
{
    /**
     * @param  list<int>  $stops   mode => stage it stops
     * @param  array<int, float>  $stopped mode => probability that it stops the start, if none before does, and of what was seen then; of
     *     those that stop one within reach
     * @param  array<int, float>  $passes  mode => share of starts it lets pass
     * @param  float  $seenAtCut likelihood of what was seen if none stops the start
     * @param  float  $flat    likelihood of what was seen if the record says nothing
     * @param  float  $noise   share of records that say nothing
     */
    private function __construct(
        private array $stops,
        private array $stopped,
        private array $passes,
        private float $seenAtCut,
        public float $flat,
        public float $noise,
    ) {
    }

    /**
     * @param  array<int, float>  $hazards mode => share of starts it stops, from the model
     * @param  array<string, string>  $signs   channel => value
     * @param  ShownSigns  $shown   what this machine's channels showed before
     * @param  bool  $short   the wait was too short for "no picture" to mean much
     * @param  array<string, float>  $reliability channel => share of times its value means what it says
     * @param  float  $trust   weight of the record against saying nothing; 1 = bench
     */
    public static function of(
        StartModel $model,
        array $hazards,
        int $cut,
        Reach $reach,
        array $signs,
        ShownSigns $shown,
        bool $short = false,
        float $trust = 1.0,
        array $reliability = [],
    ): self {
        $catalogue = $model->catalogue;
        $dark = $short ? $catalogue->number('short_wait_dark') : 0.0;
        $flat = 1.0 / count($catalogue->closedReaches());
        foreach (array_keys($signs) as $channel) {
            $flat /= count($catalogue->sign($channel)->values);
        }
        $stops = $model->modes->stops;
        $seenAt = fn (int $stop): float => self::reaching($reach, $stop, $dark)
            * $shown->likelihood($signs, $stop, [], $shown->atStop($stop), $reliability);
        $seenAtCut = $seenAt($cut);
        $faces = new OtherFaces($catalogue, $seenAt, $cut, $seenAtCut);
        $stopped = $passes = [];
        foreach ($hazards as $mode => $hazard) {
            if ($hazard <= 0.0 || $stops[$mode] >= $cut) {
                continue;
            }
            $how = $model->modes->all[$mode];
            $p = self::reaching($reach, $how->stop, $dark);
            $asItDoes = $p > 0.0
                ? $p * $shown->likelihood($signs, $how->stop, $how->fault->signs, $shown->byMode($mode, $how->stop), $reliability)
                : 0.0;
            $stopped[$mode] = $hazard * $faces->mixedInto($asItDoes, $how);
            $passes[$mode] = 1.0 - $hazard;
        }
        $noise = 1.0 - $trust * (1.0 - $catalogue->number('record_noise'));

        return new self($stops, $stopped, $passes, $seenAtCut, $flat, $noise);
    }

    private static function reaching(Reach $reach, int $stop, float $dark): float
    {
        return match (true) {
            $reach->covers($stop) => 1.0,
            $stop > $reach->lastStop => $dark,
            default => 0.0,
        };
    }

    public function given(array $faults): float
    {
        return (1.0 - $this->noise) * $this->exactly($faults) + $this->noise * $this->flat;
    }

    public function ofEach(FaultSets $sets, array $of): array
    {
        $likelihoods = $this->exactlyOfEach($sets, $of);
        $right = 1.0 - $this->noise;
        $wrong = $this->noise * $this->flat;
        foreach ($likelihoods as $i => $exactly) {
            $likelihoods[$i] = $right * $exactly + $wrong;
        }

        return $likelihoods;
    }

    /**
     * What `exactly` says of each set.
     *
     * @param  list<int>  $of state => the number of a set
     *
     * @return list<float>
     */
    public function exactlyOfEach(FaultSets $sets, array $of): array
    {
        [$first, $second, $stops, $stopped, $passes, $cut] = [
            $sets->first, $sets->second, $this->stops, $this->stopped, $this->passes, $this->seenAtCut,
        ];
        $alone = [];
        foreach ($stopped as $fault => $stop) {
            $alone[$fault] = $stop + $passes[$fault] * $cut;
        }
        $likelihoods = [];
        foreach ($of as $set) {
            [$one, $other] = [$first[$set], $second[$set]];
            if ($other < 0) {
                $likelihoods[] = $other === FaultSets::NONE ? $alone[$one] ?? $cut : $this->exactly($sets->faults($set));

                continue;
            }
            if ($stops[$one] > $stops[$other]) {
                [$one, $other] = [$other, $one];
            }
            $later = $alone[$other] ?? $cut;
            $likelihoods[] = isset($stopped[$one]) ? $stopped[$one] + $passes[$one] * $later : $later;
        }

        return $likelihoods;
    }

    /**
     * The same from a record that is right.
     *
     * @param  list<int>  $faults
     */
    public function exactly(array $faults): float
    {
        if (! isset($faults[1])) {
            return isset($faults[0]) ? $this->before($faults[0], $this->seenAtCut) : $this->seenAtCut;
        }
        if (! isset($faults[2])) {
            [$one, $other] = $faults;

            return $this->stops[$one] <= $this->stops[$other]
                ? $this->before($one, $this->before($other, $this->seenAtCut))
                : $this->before($other, $this->before($one, $this->seenAtCut));
        }
        usort($faults, fn (int $a, int $b): int => $this->stops[$b] <=> $this->stops[$a]);

        return array_reduce($faults, fn (float $later, int $fault): float => $this->before($fault, $later), $this->seenAtCut);
    }

    /** Likelihood of what was seen with a fault before others, from that with the others alone. */
    private function before(int $fault, float $later): float
    {
        return isset($this->stopped[$fault]) ? $this->stopped[$fault] + $this->passes[$fault] * $later : $later;
    }
}
