<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Reach;

/** How likely it is that a start got as far as it did, with the signs it gave. */
final readonly class StartLikelihood implements Likelihood
{
    /**
     * @param  array<int, float>  $hazards mode => share of starts it stops, over 0: those that stop one within reach
     * @param  array<int, float>  $seen    mode => likelihood of what was seen if this mode is what stops the start
     * @param  float  $flat    likelihood of what was seen if the record says nothing
     * @param  float  $noise   share of records that say nothing
     */
    private function __construct(
        private Modes $modes,
        private array $hazards,
        private array $seen,
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
        $hazards = array_filter($hazards, fn (float $p, int $mode): bool => $p > 0.0 && $stops[$mode] < $cut, ARRAY_FILTER_USE_BOTH);
        $seenAt = fn (int $stop): float => self::reaching($reach, $stop, $dark)
            * $shown->likelihood($signs, $stop, [], $shown->atStop($stop), $reliability);
        $seenAtCut = $seenAt($cut);
        $faces = new OtherFaces($catalogue, $seenAt, $cut, $seenAtCut);
        $seen = [];
        foreach ($hazards as $mode => $hazard) {
            $how = $model->modes->all[$mode];
            $p = self::reaching($reach, $how->stop, $dark);
            $asItDoes = $p > 0.0
                ? $p * $shown->likelihood($signs, $how->stop, $how->fault->signs, $shown->byMode($mode, $how->stop), $reliability)
                : 0.0;
            $seen[$mode] = $faces->mixedInto($asItDoes, $how);
        }
        $noise = 1.0 - $trust * (1.0 - $catalogue->number('record_noise'));

        return new self($model->modes, $hazards, $seen, $seenAtCut, $flat, $noise);
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

    /**
     * The same from a record that is right.
     *
     * @param  list<int>  $faults
     */
    public function exactly(array $faults): float
    {
        if (isset($faults[1]) && (isset($faults[2]) || $this->modes->stops[$faults[0]] > $this->modes->stops[$faults[1]])) {
            $faults = $this->modes->byStop($faults);
        }
        $passes = 1.0;
        $likelihood = 0.0;
        foreach ($faults as $fault) {
            if (isset($this->hazards[$fault])) {
                $hazard = $this->hazards[$fault];
                $likelihood += $passes * $hazard * $this->seen[$fault];
                $passes *= 1.0 - $hazard;
            }
        }

        return $likelihood + $passes * $this->seenAtCut;
    }
}
