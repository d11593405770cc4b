<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;

/** The list at the right of the bench: suspects, then what was changed without effect. */
final class SuspectList
{
    private const SHOWN = 9;

    /** @return list<PartStanding> */
    public static function of(Assessment $assessment): array
    {
        $ranked = $assessment->suspects();
        $rest = array_filter($assessment->standings, fn (PartStanding $s): bool => $s->standing === Standing::NotAlone);
        usort($rest, fn (PartStanding $a, PartStanding $b): int => $b->probability <=> $a->probability);
        $outside = $assessment->standings['outside'];

        return array_slice([...$ranked, ...$rest, ...in_array($outside, $ranked, true) ? [] : [$outside]], 0, self::SHOWN);
    }
}
