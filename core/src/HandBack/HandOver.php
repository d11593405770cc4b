<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Words\EntryWords;

/** Where a job stands, in a few sentences for the colleague who takes over. */
final readonly class HandOver
{
    /** Suspects that are named. */
    private const SUSPECTS = 4;

    /** @return list<string> */
    public static function sentences(Assessment $assessment, Catalogue $catalogue): array
    {
        $words = new EntryWords($assessment->machine, $catalogue);
        $last = $assessment->record->lastStart();
        $sentences = [$last === null ? 'Not started yet.' : "Last start, {$words->setUp($last->setUp)}: {$words->outcome($last)}."];
        foreach ([Standing::Proved, Standing::Condemned, Standing::Provisional, Standing::Cured] as $standing) {
            $named = array_filter(
                $assessment->standings,
                fn (PartStanding $one): bool => $one->standing === $standing
                    && ! ($standing === Standing::Proved && $one->part->kind->link),
            );
            if ($named !== []) {
                $sentences[] = ucfirst($standing->words())
                    .': '
                    .implode(', ', array_map(fn (PartStanding $one): string => $one->part->name, $named))
                    .'.';
            }
        }
        $open = array_slice(
            array_filter($assessment->suspects(), fn (PartStanding $one): bool => $one->standing === Standing::Suspect),
            0,
            self::SUSPECTS,
        );
        if ($open !== []) {
            $sentences[] = 'Open: '
                .implode(
                    ', ',
                    array_map(
                        fn (PartStanding $one): string => sprintf('%s %d %%', $one->part->name, (int) round(100 * $one->probability)),
                        $open,
                    ),
                )
                .'.';
        }
        if ($assessment->surprise->level !== 'none') {
            $sentences[] = $assessment->surprise->why;
        }
        $sentences[] = "Next: {$assessment->advice->why}";
        foreach ($last === null ? [] : $last->setUp->lent as $part => $lent) {
            $sentences[] = "{$lent->tag} is lent for {$assessment->machine->part($part)->inSentence()}.";
        }
        $off = array_map(fn (StillOff $one): string => $one->words(), StillOff::in($assessment->record, $catalogue));
        if ($off !== []) {
            $sentences[] = 'Not back yet: '.implode(', ', $off).'.';
        }
        foreach ($assessment->locks->active as $active) {
            if ($active->raisedBy !== null) {
                $sentences[] = "Locked, {$active->lock->name}: {$active->lock->unlock}"
                    .($active->until === null ? '' : ' Over '.$active->until->format('j M, H:i').'.');
            }
        }

        return $sentences;
    }
}
