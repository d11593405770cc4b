<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Shelf\Shelf;

/**
 * What an earlier job leaves for the one that follows: how much likelier or less likely each fault is now than in a machine nobody
 * has looked at. What was not proved then comes first; what was shown to work comes later, but is not ruled out.
 */
final class Carried
{
    /** The most that an earlier job moves a prior, either way: much may have happened since. Origin: judgement. */
    private const MOST = 4.0;

    /** A shift smaller than this is none. */
    private const LEAST = 1.15;

    /** @return array<string, float> fault => factor of its prior */
    public static function from(Assessment $earlier, Catalogue $catalogue): array
    {
        $fresh = self::byFault(Assessment::of($earlier->machine, new Record([]), new Shelf([]), $catalogue), had: true);
        $now = self::byFault($earlier, had: false);
        $ratios = [];
        foreach ($fresh as $fault => $before) {
            $ratios[$fault] = ($now[$fault] ?? 0.0) / $before;
        }
        if ($ratios === []) {
            return [];
        }
        // Something is wrong now, whatever was: only how faults stand to each other is carried. The middle one stays as it is.
        $sorted = array_values($ratios);
        sort($sorted);
        $middle = max(1e-9, $sorted[intdiv(count($sorted), 2)]);
        $factors = array_map(fn (float $ratio): float => round(max(1.0 / self::MOST, min(self::MOST, $ratio / $middle)), 3), $ratios);

        return array_filter(
            $factors,
            fn (float $factor, string $fault): bool => isset($catalogue->faults[$fault])
                && ($factor >= self::LEAST || $factor <= 1.0 / self::LEAST),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, float> fault => chance, parts together */
    private static function byFault(Assessment $assessment, bool $had): array
    {
        $sums = [];
        foreach ($assessment->faults as $fault) {
            if ($fault->spare === null) {
                $sums[$fault->fault->id] = ($sums[$fault->fault->id] ?? 0.0) + self::chance($fault, $had);
            }
        }

        return array_filter($sums, fn (float $sum): bool => $sum > 0.0);
    }

    private static function chance(FaultBelief $fault, bool $had): float
    {
        return $had ? $fault->probability : $fault->now;
    }
}
