<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Reach;

/**
 * How likely it is that others tell of a trial that went so, some times in a row: the whole of it is right, or says nothing, so that ten
 * starts told count for no more than those who tell them.
 */
final readonly class ToldTrialLikelihood implements LikelihoodOfMany
{
    private function __construct(private StartLikelihood $first, private StartLikelihood $again, private float $trust, private int $times)
    {
    }

    /**
     * @param  array<int, float>  $hazards mode => share of starts it stops, from the model
     * @param  array<string, string>  $signs   channel => value, as told of the first
     * @param  float  $trust weight of what is told against saying nothing, 0 to 1
     * @param  int  $times 1 and more
     */
    public static function of(
        StartModel $model,
        array $hazards,
        int $cut,
        Reach $reach,
        array $signs,
        ShownSigns $shown,
        float $trust,
        int $times,
    ): self {
        return new self(
            StartLikelihood::of($model, $hazards, $cut, $reach, $signs, $shown),
            StartLikelihood::of($model, $hazards, $cut, $reach, [], $shown),
            $trust,
            $times,
        );
    }

    public function given(array $faults): float
    {
        return $this->told($this->first->given($faults), $this->again->given($faults));
    }

    public function ofEach(FaultSets $sets, array $of): array
    {
        return array_map($this->told(...), $this->first->ofEach($sets, $of), $this->again->ofEach($sets, $of));
    }

    private function told(float $first, float $again): float
    {
        return $this->trust * ($first * $again ** ($this->times - 1)) + (1.0 - $this->trust) * $this->first->flat;
    }
}
