<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Planning\NextStep;

/** Which of the steps that can be taken next would move belief in one part, by what each may show. */
final class Movers
{
    /** Belief, 0 to 1, that a step must be expected to move. */
    private const LEAST = 0.01;

    /** @return list<NextStep> the one that moves it most first */
    public static function of(Assessment $assessment, string $part): array
    {
        $now = $assessment->standings[$part]->probability ?? 0.0;
        $moved = [];
        foreach ($assessment->advice->steps as $i => $step) {
            foreach ($step->outcomes as $outcome) {
                $moved[$i] = ($moved[$i] ?? 0.0) + $outcome->probability * abs(($outcome->parts[$part] ?? 0.0) - $now);
            }
        }
        arsort($moved);

        return array_map(
            fn (int $i): NextStep => $assessment->advice->steps[$i],
            array_keys(array_filter($moved, fn (float $by): bool => $by > self::LEAST)),
        );
    }
}
