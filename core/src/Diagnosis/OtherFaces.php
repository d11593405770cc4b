<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Closure;
use Orthoscope\Core\Catalogue\Catalogue;

/**
 * What a fault that can stop a start at several places shows when it does not stop it where it mostly does: a short, a held reset or a bad
 * contact shows now this, now that. A fault with one way to stop a start has one face.
 */
final class OtherFaces
{
    /** @var array<int, float> stop => likelihood of what was seen, if the start stops there */
    private array $seenAt = [];

    private readonly float $share;

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
        $this->share = $catalogue->number('other_face');
    }

    /** Likelihood of what was seen where a mode stops the start, be it where it mostly does or not. */
    public function mixedInto(float $asItDoes, Mode $how): float
    {
        if (! isset($how->fault->ways[1])) {
            return $asItDoes;
        }
        $mixed = $own = 0.0;
        foreach ($how->fault->ways as $way) {
            $stop = $this->catalogue->stageIndex($way['stops']);
            $isElsewhere = $stop !== $how->stop && $stop < $this->catalogue->stageCount();
            $mixed += $isElsewhere ? $way['share'] * $this->at($stop) : 0.0;
            $own += $isElsewhere ? 0.0 : $way['share'];
        }

        return (1.0 - $this->share * (1.0 - $own)) * $asItDoes + $this->share * $mixed;
    }

    private function at(int $stop): float
    {
        return $stop >= $this->cut ? $this->seenAtCut : $this->seenAt[$stop] ??= ($this->likelihood)($stop);
    }
}
