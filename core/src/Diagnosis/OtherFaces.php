<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Closure;
use Orthoscope\Core\Catalogue\Catalogue;

/**
 * What a fault that wanders shows when it does not stop a start where it mostly does: a short, a held reset or a bad contact shows now
 * this, now that. Most do so in some starts, some in each. What is bent, set or broken for good has one face.
 */
final class OtherFaces
{
    /** @var array<int, float> stop => likelihood of what was seen, if the start stops there */
    private array $seenAt = [];

    /** @var array<string, array<int, array{float, float}>> fault => stop => as `mixed` */
    private array $mixed = [];

    /**
     * @param  Closure(int): float  $likelihood stop => likelihood of what was seen
     * @param  int  $cut  first stage out of reach
     * @param  float  $seenAtCut likelihood of what was seen, if nothing stops the start before that
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Closure $likelihood,
        private readonly int $cut,
        private readonly float $seenAtCut,
    ) {
    }

    /** Likelihood of what was seen where a mode stops the start, be it where it mostly does or not. */
    public function mixedInto(float $asItDoes, Mode $how): float
    {
        if ($how->redrawn <= 0.0) {
            return $asItDoes;
        }
        [$own, $elsewhere] = $this->mixed[$how->fault->id][$how->stop] ??= $this->mixed($how);

        return (1.0 - $how->redrawn * (1.0 - $own)) * $asItDoes + $how->redrawn * $elsewhere;
    }

    /** @return array{float, float} share of its places that are its own or shown by no start, and what was seen from the others, weighed */
    private function mixed(Mode $how): array
    {
        $own = $elsewhere = 0.0;
        foreach ($how->fault->ways as $way) {
            $stop = $this->catalogue->stageIndex($way['stops']);
            if ($stop !== $how->stop && $stop < $this->catalogue->stageCount()) {
                $elsewhere += $way['share'] * $this->at($stop);
            } else {
                $own += $way['share'];
            }
        }

        return [$own, $elsewhere];
    }

    private function at(int $stop): float
    {
        return $stop >= $this->cut ? $this->seenAtCut : $this->seenAt[$stop] ??= ($this->likelihood)($stop);
    }
}
