<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Words\EntryWords;

/** Where a job stands, in a few sentences for the colleague who takes over. */
final readonly class HandOver
{
    /** Suspects that are named. */
    private const SUSPECTS = 4;

    /** Deeds that are named, the latest. */
    private const DEEDS = 5;

    /** @return list<string> */
    public static function sentences(Assessment $assessment, Catalogue $catalogue): array
    {
        $words = new EntryWords($assessment->machine, $catalogue);

        return [
            self::lastSeen($assessment, $words, $catalogue),
            ...self::done($assessment, $words, $catalogue),
            ...self::settled($assessment),
            ...self::open($assessment),
            ...$assessment->surprise->level === 'none' ? [] : [$assessment->surprise->why],
            "Next: {$assessment->advice->why}",
            ...self::lent($assessment),
            ...self::off($assessment, $catalogue),
            ...self::locked($assessment),
        ];
    }

    private static function lastSeen(Assessment $assessment, EntryWords $words, Catalogue $catalogue): string
    {
        $last = $assessment->record->lastStart();
        $trials = HostTrials::in($assessment->record, $assessment->machine, $catalogue);
        $trial = end($trials);

        return match (true) {
            $last !== null => "Last start, {$words->setUp($last->setUp)}: {$words->outcome($last)}.",
            $trial !== false => "Last trial, {$words->what($trial)}: {$words->outcome($trial)}.",
            default => 'Not started yet.',
        };
    }

    /** @return list<string> what was worked on, the last few deeds */
    private static function done(Assessment $assessment, EntryWords $words, Catalogue $catalogue): array
    {
        $acts = array_filter($assessment->record->all(ActDone::class), static fn (ActDone $act): bool => $act->isWork($catalogue));
        $done = array_map($words->what(...), array_slice(array_values($acts), -self::DEEDS));

        return $done === [] ? [] : ['Done: '.implode('; ', array_unique($done)).'.'];
    }

    /** @return list<string> */
    private static function settled(Assessment $assessment): array
    {
        $sentences = [];
        $replaced = array_filter(array_map(static fn (PartStanding $one): ?PartStanding => $one->replaced, $assessment->standings));
        foreach ([Standing::Proved, Standing::Worked, Standing::Condemned, Standing::Provisional, Standing::Cured] as $standing) {
            $named = array_filter(
                [...array_values($assessment->standings), ...$standing->hasWorked() ? [] : array_values($replaced)],
                static fn (PartStanding $one): bool => $one->standing === $standing
                    && ! ($standing->hasWorked() && $one->part->kind->link),
            );
            $names = implode(', ', array_map(static fn (PartStanding $one): string => self::named($one, $assessment), $named));
            array_push($sentences, ...$named === [] ? [] : [ucfirst($standing->words()).": {$names}."]);
        }

        return $sentences;
    }

    /** @return list<string> */
    private static function open(Assessment $assessment): array
    {
        $open = array_filter($assessment->suspects(), static fn (PartStanding $one): bool => $one->standing === Standing::Suspect);
        $named = array_map(
            static fn (PartStanding $one): string => self::named($one, $assessment).' '.Percent::words($one->stated),
            array_slice($open, 0, self::SUSPECTS),
        );

        return $named === [] ? [] : ['Open: '.implode(', ', $named).'.'];
    }

    /** Of a part that was replaced both may be open: the new one goes by its tag, the old one as such. */
    private static function named(PartStanding $one, Assessment $assessment): string
    {
        return match (true) {
            $one->fitted === 'new' => "{$one->part->name} (new)",
            $one->fitted !== null => "{$one->part->name} {$one->fitted}",
            $assessment->standings[$one->part->id] !== $one => "{$one->part->name} (old)",
            default => $one->part->name,
        };
    }

    /** @return list<string> */
    private static function lent(Assessment $assessment): array
    {
        $sentences = [];
        foreach ($assessment->record->lastStart()->setUp->lent ?? [] as $part => $lent) {
            $sentences[] = "{$lent->tag} is lent for {$assessment->machine->part($part)->inSentence()}.";
        }

        return $sentences;
    }

    /** @return list<string> */
    private static function off(Assessment $assessment, Catalogue $catalogue): array
    {
        $off = array_map(static fn (StillOff $one): string => $one->words(), StillOff::in($assessment->record, $catalogue));

        return $off === [] ? [] : ['Not back yet: '.implode(', ', $off).'.'];
    }

    /** @return list<string> */
    private static function locked(Assessment $assessment): array
    {
        $sentences = [];
        foreach ($assessment->locks->active as $active) {
            if ($active->raisedBy !== null) {
                $over = $active->until === null ? '' : ' Over '.$active->until->format('j M, H:i').'.';
                $sentences[] = "Locked, {$active->lock->name}: {$active->lock->unlock}{$over}";
            }
        }

        return $sentences;
    }
}
