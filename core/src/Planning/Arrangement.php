<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Information;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\SetUp;

/** One way to put parts together that may each be at fault, and what a start of it is expected to tell. */
final readonly class Arrangement
{
    /**
     * @param  float  $bits   of which of them it is
     * @param  float  $passes probability that a start gets past the stage they work for
     */
    private function __construct(public SetUp $setUp, public float $bits, public float $passes)
    {
    }

    /**
     * @param  array<int, string>  $culprits mode => name of what is then at fault
     * @param  int  $stage   the stage the start must get past
     */
    public static function weighed(SetUp $setUp, Belief $belief, array $culprits, int $stage, Replay $replay): self
    {
        $hazards = $replay->model->hazards($setUp, $replay->fitted);
        $passes = 0.0;
        $byCulprit = [];
        foreach ($belief->states() as [$faults, $weight]) {
            $pass = 1.0;
            $name = '';
            foreach ($faults as $fault) {
                $name .= isset($culprits[$fault]) ? " {$culprits[$fault]}" : '';
                $pass *= $replay->model->modes->stops[$fault] <= $stage ? 1.0 - ($hazards[$fault] ?? 0.0) : 1.0;
            }
            $byCulprit[$name][0] = ($byCulprit[$name][0] ?? 0.0) + $weight;
            $byCulprit[$name][1] = ($byCulprit[$name][1] ?? 0.0) + $weight * $pass;
            $passes += $weight * $pass;
        }

        return new self(
            $setUp,
            Information::gain(
                array_map(fn (array $sum): array => [$sum[0], [$sum[1] / $sum[0], 1.0 - $sum[1] / $sum[0]]], array_values($byCulprit)),
            ),
            $passes,
        );
    }
}
