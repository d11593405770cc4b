<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Diagnosis\Hazard;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Plain\Draw;

/** One thing wrong with a machine of the hard world. */
final readonly class Trouble
{
    /**
     * @param  ?Fault  $fault  null for one that is in no catalogue
     * @param  int  $stop   stage it stops at
     * @param  float  $rate   on top of what its conditions give
     */
    private function __construct(
        public ?Fault $fault,
        public string $part,
        public int $stop,
        public ?Hazard $hazard,
        public float $rate,
        public ?string $channel,
    ) {
    }

    public static function after(Mode $mode, int $stages, Draw $draw): self
    {
        $stop = $mode->stop;
        if ($stop > 1 && $stop < $stages - 1 && $draw->happens(0.08)) {
            $stop += $draw->oneOf([-1, 1]);
        }
        $rate = $mode->fault->shows === 'sometimes' ? 0.1 + 0.85 * $draw->unit() : 1.0 - 0.04 * $draw->unit();

        return new self(
            $mode->fault,
            $mode->part,
            $stop,
            $mode->fault->shows === 'sometimes' ? null : $mode->hazard,
            $rate,
            $mode->channel,
        );
    }

    public static function unheardOf(string $part, Draw $draw): self
    {
        return new self(null, $part, $draw->oneOf([2, 3, 5, 5, 6, 7, 10, 11]), null, 0.35 + 0.6 * $draw->unit(), null);
    }

    /** @param  list<string>  $conditions */
    public function hazard(array $conditions): float
    {
        return $this->rate * ($this->hazard?->under($conditions) ?? 1.0);
    }
}
