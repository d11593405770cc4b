<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Planning\NextStep;

/** An assessment to read in a terminal. */
final class AssessmentText
{
    public static function of(Assessment $assessment, Catalogue $catalogue): string
    {
        $lines = [
            sprintf('Chain: %s. Sound with %s.', self::stop($assessment, $catalogue), self::percent($assessment->sound)),
            ...array_map(self::standing(...), array_values($assessment->standings)),
            'Faults:',
        ];
        foreach (array_slice($assessment->faults, 0, 8) as $fault) {
            $lines[] = sprintf('  %6s  %s', self::percent($fault->probability), $fault->name());
        }
        if ($assessment->surprise->level !== 'none') {
            $lines[] = "Surprise ({$assessment->surprise->level}): {$assessment->surprise->why}";
        }
        array_push($lines, ...$assessment->retrace);
        $lines[] = "Next: {$assessment->advice->why}";
        foreach (array_slice($assessment->advice->steps, 0, 8) as $i => $step) {
            array_push($lines, ...self::step($i + 1, $step));
        }

        return implode("\n", $lines)."\n";
    }

    private static function stop(Assessment $assessment, Catalogue $catalogue): string
    {
        if ($assessment->stop === null) {
            return 'not started yet';
        }
        $id = $catalogue->stopId($assessment->stop->likeliest());

        return $id === 'none' ? 'goes all the way' : "stops before \"{$catalogue->stages[$id]->name}\"";
    }

    private static function standing(PartStanding $standing): string
    {
        $entries = implode(', ', array_map(static fn (Because $because): int => $because->entry, $standing->because));

        return sprintf(
            '  %s %-22s %6s  %s%s',
            $standing->standing->letter(),
            $standing->part->name,
            self::percent($standing->stated),
            $standing->words(),
            $entries === '' ? '' : " (entries {$entries})",
        );
    }

    /** @return list<string> */
    private static function step(int $number, NextStep $step): array
    {
        $locked = $step->lockedBy === [] ? '' : '  LOCKED: '.$step->lockedBy[0]->lock->unlock;
        $saves = (int) round($step->saves);
        $lines = ["  {$number}. {$step->candidate->name()}, {$step->minutes} min, saves {$saves}.{$locked}"];
        foreach ($step->outcomes as $outcome) {
            $lines[] = sprintf('       %6s  %s: %s', self::percent($outcome->probability), $outcome->words, $outcome->meaning);
        }

        return $lines;
    }

    private static function percent(float $p): string
    {
        return sprintf('%.1f %%', 100 * $p);
    }
}
