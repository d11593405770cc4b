<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Diagnosis\StartModel;

/** How far a start may get under a set-up. */
final readonly class StartForecast implements OutcomeForecast
{
    /** @var array<int, float> outcome => share, if no fault stops it */
    private array $atCut;

    /**
     * @param  array<int, float>  $hazards mode => share of starts it stops
     * @param  int  $cut where a part that is out, or the goal, stops it
     * @param  ?array{int, float}  $doubt  the mode of a spare that is lent for the first time being bad, and its probability
     */
    public function __construct(
        private StartModel $model,
        private StartOutcomes $outcomes,
        private array $hazards,
        private int $cut,
        private ?array $doubt = null,
    ) {
        $this->atCut = $outcomes->atStop($cut);
    }

    public function outcomes(): array
    {
        return $this->outcomes->all;
    }

    public function given(array $faults): array
    {
        $given = $this->without($faults);
        if ($this->doubt === null) {
            return $given;
        }
        [$bad, $p] = $this->doubt;
        foreach ($given as $outcome => $share) {
            $given[$outcome] = (1.0 - $p) * $share;
        }
        foreach ($this->without([...$faults, $bad]) as $outcome => $share) {
            $given[$outcome] = ($given[$outcome] ?? 0.0) + $p * $share;
        }

        return $given;
    }

    /**
     * @param  list<int>  $faults
     *
     * @return array<int, float>
     */
    private function without(array $faults): array
    {
        if (isset($faults[1])) {
            $faults = $this->model->modes->byStop($faults);
        }
        $passes = 1.0;
        $given = [];
        foreach ($faults as $fault) {
            if (isset($this->hazards[$fault]) && $this->model->modes->stops[$fault] < $this->cut) {
                $stopped = $passes * $this->hazards[$fault];
                foreach ($this->outcomes->ofMode($fault) as $outcome => $share) {
                    $given[$outcome] = ($given[$outcome] ?? 0.0) + $stopped * $share;
                }
                $passes -= $stopped;
            }
        }
        foreach ($this->atCut as $outcome => $share) {
            $given[$outcome] = ($given[$outcome] ?? 0.0) + $passes * $share;
        }

        return $given;
    }
}
