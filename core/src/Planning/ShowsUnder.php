<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;

/**
 * The condition under which what is believed shows far more often than in a plain start, though nobody has seen it fail under that alone:
 * what fails at three cold starts of four and at one plain one of eight is better lent to when cold.
 */
final class ShowsUnder
{
    /** Times as often as in a plain start. Origin: judgement. */
    private const FACTOR = 1.5;

    /** Share of starts more than of plain ones, 0 to 1. Origin: judgement. */
    private const MORE = 0.15;

    /** One of the constants of FailsUnder; null where no condition makes so much of a difference. */
    public static function of(Belief $belief, Replay $replay): ?string
    {
        $plain = self::fails(new SetUp, $belief, $replay);
        $under = [
            FailsUnder::COLD => self::fails(new SetUp(temperature: Temperature::Cold), $belief, $replay),
            FailsUnder::LOAD => self::fails(new SetUp(goal: Goal::Load), $belief, $replay),
        ];
        arsort($under);
        $most = (string) array_key_first($under);

        return $under[$most] >= self::FACTOR * $plain && $under[$most] >= $plain + self::MORE ? $most : null;
    }

    /** Share of starts under a set-up that are expected to fail, 0 to 1. */
    private static function fails(SetUp $setUp, Belief $belief, Replay $replay): float
    {
        $hazards = $replay->model->hazards($setUp, $replay->fitted);
        $fails = 0.0;
        foreach ($belief->states() as [$faults, $weight]) {
            $passes = 1.0;
            foreach ($faults as $fault) {
                $passes *= 1.0 - ($hazards[$fault] ?? 0.0);
            }
            $fails += $weight * (1.0 - $passes);
        }

        return $fails;
    }
}
