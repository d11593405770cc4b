<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;

/** What something cheap may cost before a part is bought: as far as it is to the point, and as there is doubt of that part. */
final readonly class CheapBeforeDear
{
    /** Whether the trouble came back with the part, each time; of sticks that will not run together: with each, next to another. */
    public bool $isShown;

    /** Minutes for what is wholly to the point. */
    private float $inFull;

    /** @param  float  $probability that the repair is needed, 0 to 1 */
    public function __construct(
        Catalogue $catalogue,
        private Replay $replay,
        private Grounds $grounds,
        private Suspicion $suspicion,
        private Repair $repair,
        float $probability,
    ) {
        $this->isShown = $this->cameBackEachTime($repair->part, $probability >= $catalogue->number('settled_from'));
        $atStake = $catalogue->number('wrong_repair') * $repair->part->kind->price / $catalogue->number('money_per_minute');
        $doubt = (1.0 - $probability) / $catalogue->number('precaution_doubt');
        $this->inFull = $catalogue->number('precaution_share')
            * $atStake
            * min(1.0, max($catalogue->number('precaution_least'), $doubt));
    }

    /**
     * Minutes that a step may take before the part is bought. What a part carries goes with it when it is swapped, so that no swap would
     * ever tell the two apart: it is seen to in any case, unless it was found good. Of all else, what nobody suspects is left alone, and
     * everything where a swap showed the part.
     */
    public function worth(Candidate $candidate): float
    {
        $isCarried = $this->isDoneToWhatItCarries($candidate);
        if ($this->isShown && ! $isCarried) {
            return 0.0;
        }
        $foundGood = array_filter($candidate->on, fn (string $part): bool => $this->grounds->has($part, Ground::LookedGood));

        return $this->inFull * ($isCarried && $foundGood === [] ? 1.0 : $this->suspicion->weightOf($candidate));
    }

    private function cameBackEachTime(Part $part, bool $isSettled): bool
    {
        $cameBack = fn (string $id): bool => $this->grounds->has($id, Ground::CameBack)
            || ($isSettled && $this->grounds->cameBackInPlace($id));
        $shown = fn (string $id): bool => $cameBack($id) && ! $this->grounds->cameAndWent($id);
        $of = $part->kind->madeOf === null ? [$part] : $this->replay->model->machine->ofKind($part->kind->madeOf);

        return array_filter($of, fn (Part $one): bool => ! $shown($one->id)) === [];
    }

    /** A board that is swapped takes its settings and its cell along; what is plugged into it was plugged anew by that. */
    private function isDoneToWhatItCarries(Candidate $candidate): bool
    {
        $isCarried = function (string $part): bool {
            $kind = $this->replay->model->machine->part($part)->kind;

            return $kind->carrier === $this->repair->part->kind->id && ! $kind->link;
        };

        return $candidate->step->record === 'act' && array_filter($candidate->on, $isCarried) !== [];
    }
}
