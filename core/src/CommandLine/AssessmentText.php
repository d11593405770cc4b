<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Because;

/** An assessment to read in a terminal. */
final class AssessmentText
{
    public static function of(Assessment $assessment, Catalogue $catalogue): string
    {
        $lines = [];
        $stop = $assessment->stop === null
                ? 'not started yet'
                : match (($id = $catalogue->stopId($assessment->stop->likeliest()))) {
                    'none' => 'goes all the way',
                    default => "stops before \"{$catalogue->stages[$id]->name}\"",
                };
        $lines[] = sprintf('Chain: %s. Sound with %s.', $stop, self::percent($assessment->sound));
        foreach ($assessment->standings as $standing) {
            $entries = implode(', ', array_map(fn (Because $b): int => $b->entry, $standing->because));
            $lines[] = sprintf(
                '  %s %-22s %6s  %s%s',
                $standing->standing->letter(),
                $standing->part->name,
                self::percent($standing->probability),
                $standing->words(),
                $entries === '' ? '' : " (entries {$entries})",
            );
        }
        $lines[] = 'Faults:';
        foreach (array_slice($assessment->faults, 0, 8) as $fault) {
            $lines[] = sprintf('  %6s  %s', self::percent($fault->probability), $fault->name());
        }
        if ($assessment->surprise->level !== 'none') {
            $lines[] = "Surprise ({$assessment->surprise->level}): {$assessment->surprise->why}";
        }
        array_push($lines, ...$assessment->retrace);
        $lines[] = "Next: {$assessment->advice->why}";
        foreach (array_slice($assessment->advice->steps, 0, 8) as $i => $step) {
            $locked = $step->lockedBy === [] ? '' : '  LOCKED: '.$step->lockedBy[0]->lock->unlock;
            $lines[] = sprintf(
                '  %d. %s, %d min, saves %d.%s',
                $i + 1,
                $step->candidate->name(),
                $step->minutes,
                (int) round($step->saves),
                $locked,
            );
            foreach ($step->outcomes as $outcome) {
                $lines[] = sprintf('       %6s  %s: %s', self::percent($outcome->probability), $outcome->words, $outcome->meaning);
            }
        }

        return implode("\n", $lines)."\n";
    }

    private static function percent(float $p): string
    {
        return sprintf('%.1f %%', 100 * $p);
    }
}
