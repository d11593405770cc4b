<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\SetUp\Manner;
use Orthoscope\Core\SetUp\SetUp;

/**
 * How likely it is that someone tells a machine fails in such a manner: how often, and under which condition alone. It stands for several
 * starts, those that failed and those that went well; but it is told once, and is right or says nothing as a whole.
 */
final readonly class ToldLikelihood implements LikelihoodOfMany
{
    /**
     * @param  ?StartLikelihood  $first     one start that failed, with its signs; null where that start was told before
     * @param  StartLikelihood  $again     a start that failed
     * @param  StartLikelihood  $well      one under the same condition that did not
     * @param  ?StartLikelihood  $otherwise one under another condition, which did not fail
     * @param  float  $every     starts that "every time" stands for
     * @param  float  $others    starts that "only when" stands for, under other conditions
     */
    private function __construct(
        private Manner $manner,
        private ?StartLikelihood $first,
        private StartLikelihood $again,
        private StartLikelihood $well,
        private ?StartLikelihood $otherwise,
        private float $every,
        private float $others,
    ) {
    }

    /**
     * @param  array<string, string>  $fitted part => tag of the new part that took its place for good
     * @param  ?Reach  $reach  how it ends when it fails; null where that was told before
     * @param  array<string, string>  $signs  sign channel => value, as told
     * @param  float  $trust  weight of what is told against saying nothing, 0 to 1
     */
    public static function of(
        StartModel $model,
        array $fitted,
        Manner $manner,
        ?Reach $reach,
        array $signs,
        ShownSigns $shown,
        float $trust,
    ): self {
        $last = $model->catalogue->stageCount();
        $start = fn (SetUp $setUp, Reach $reach, array $signs): StartLikelihood => StartLikelihood::of(
            $model,
            $model->hazards($setUp, $fitted),
            $model->cut($setUp),
            $reach,
            $signs,
            $shown,
            trust: $trust,
        );
        $fails = new Reach('fails', 'fails', 'it fails', '', $reach->firstStop ?? 0, min($reach->lastStop ?? $last, $last - 1));
        $goesWell = new Reach('well', 'goes well', 'it goes well', '', $last, $last);
        $failing = $manner->failing();
        $otherwise = $manner->otherwise();

        return new self(
            $manner,
            $reach === null ? null : $start($failing, $fails, $signs),
            $start($failing, $fails, []),
            $start($failing, $goesWell, []),
            $otherwise === null ? null : $start($otherwise, $goesWell, []),
            $model->catalogue->number('told_every_time'),
            $model->catalogue->number('told_otherwise'),
        );
    }

    public function given(array $faults): float
    {
        return $this->told(
            $this->again->exactly($faults),
            $this->well->exactly($faults),
            $this->first?->exactly($faults),
            $this->otherwise?->exactly($faults),
        );
    }

    public function ofEach(FaultSets $sets, array $of): array
    {
        $nothing = array_fill(0, count($of), null);

        return array_map(
            $this->told(...),
            $this->again->exactlyOfEach($sets, $of),
            $this->well->exactlyOfEach($sets, $of),
            $this->first?->exactlyOfEach($sets, $of) ?? $nothing,
            $this->otherwise?->exactlyOfEach($sets, $of) ?? $nothing,
        );
    }

    /** From the likelihoods of the starts that it stands for. */
    private function told(float $fails, float $well, ?float $first, ?float $otherwise): float
    {
        $told = ($first ?? ($this->manner->only === null ? 1.0 : $fails))
            * $this->often($fails, $well)
            * ($otherwise === null ? 1.0 : $otherwise ** $this->others);
        $noise = $this->again->noise;

        return (1.0 - $noise) * $told + $noise * $this->flat();
    }

    /** Chance of the other starts that were told, beside the first that failed. */
    private function often(float $fails, float $well): float
    {
        [$failed, $of] = [$this->manner->failed, $this->manner->of];
        if ($failed !== null && $of !== null && $this->manner->only !== null) {
            // "Two of ten, and only cold": how many of the ten were cold nobody says, so any count is as good.
            return (1.0 / $of) * $fails ** min($failed - ($this->first === null ? 0 : 1), $this->every);
        }
        if ($failed !== null && $of !== null) {
            $ways = 1.0;
            for ($i = 1; $i <= $failed; $i++) {
                $ways *= ($of - $failed + $i) / $i;
            }

            return $ways * $fails ** ($failed - ($this->first === null ? 0 : 1)) * $well ** ($of - $failed);
        }
        $everyTime = $fails ** ($this->every - 1);

        return match ($this->manner->often) {
            Manner::ALWAYS => $everyTime,
            Manner::SOMETIMES => 1.0 - $everyTime,
            default => 1.0,
        };
    }

    /** The same from someone whose words say nothing: any count is as good, and any condition or none. */
    private function flat(): float
    {
        $often = match (true) {
            $this->manner->of !== null => 1.0 / $this->manner->of,
            $this->manner->often !== null => 1.0 / count(Manner::OFTEN),
            default => 1.0,
        };

        return ($this->first->flat ?? 1.0) * $often * ($this->manner->only === null ? 1.0 : 1.0 / (1 + count(Manner::ONLY)));
    }
}
