<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Support;

use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\SetUp;

/** What a start is expected to tell, by hand: joint probabilities of culprit and outcome, and the mutual information of the two. */
final class PlainEnumeration
{
    /**
     * @param  callable(Mode): ?string  $culprit its name, if the mode is one in question
     *
     * @return array{float, float} bits, and the probability that the start gets past the stage
     */
    public static function of(Replay $replay, SetUp $setUp, int $stage, callable $culprit): array
    {
        $hazards = $replay->model->hazards($setUp, []);
        $joint = $byCulprit = $byOutcome = [];
        foreach ($replay->belief->mostOf(0.98, 150)->states() as [$faults, $weight]) {
            $pass = 1.0;
            $names = [];
            foreach ($faults as $fault) {
                $mode = $replay->model->modes->all[$fault];
                $names[] = $culprit($mode);
                $pass *= $mode->stop <= $stage ? 1.0 - ($hazards[$fault] ?? 0.0) : 1.0;
            }
            $key = implode('+', array_filter($names, fn (?string $name): bool => $name !== null));
            foreach (['pass' => $pass, 'fail' => 1.0 - $pass] as $what => $share) {
                $joint[$key][$what] = ($joint[$key][$what] ?? 0.0) + $weight * $share;
                $byCulprit[$key] = ($byCulprit[$key] ?? 0.0) + $weight * $share;
                $byOutcome[$what] = ($byOutcome[$what] ?? 0.0) + $weight * $share;
            }
        }
        $bits = 0.0;
        foreach ($joint as $key => $row) {
            foreach ($row as $what => $p) {
                $bits += $p > 0.0 ? $p * log($p / ($byCulprit[$key] * $byOutcome[$what]), 2) : 0.0;
            }
        }

        return [$bits, $byOutcome['pass'] ?? 0.0];
    }
}
