<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** Reads the case back in sentences: what was changed without effect, what is proved, what nobody has tested. */
final class Retrace
{
    /**
     * @param  array<string, PartStanding>  $standings
     *
     * @return list<string>
     */
    public static function sentences(array $standings): array
    {
        $sentences = [];
        $unchanged = self::named($standings, Standing::NotAlone, Ground::NoChange);
        if ($unchanged !== '') {
            $sentences[] = "{$unchanged}: no change, so none of these alone is what stops it.";
        }
        $proved = self::named($standings, Standing::Proved);
        if ($proved !== '') {
            $sentences[] = "Proved working: {$proved}.";
        }
        foreach ([Standing::Provisional, Standing::Condemned] as $standing) {
            $named = self::named($standings, $standing, Ground::Improved, Ground::CameBack, Ground::Seen);
            if ($named !== '') {
                $sentences[] = ucfirst($standing->words()).": {$named}.";
            }
        }
        $untested = array_map(
            fn (PartStanding $s): string => $s->part->name,
            array_filter($standings, fn (PartStanding $s): bool => in_array($s->standing, [Standing::NotTested, Standing::Hidden], true) && $s->part->id !== 'outside'),
        );
        if ($untested !== []) {
            $sentences[] = 'Not tested: '.implode(', ', array_values($untested)).'.';
        }

        return $sentences;
    }

    /** @param  array<string, PartStanding>  $standings */
    private static function named(array $standings, Standing $standing, Ground ...$grounds): string
    {
        $named = [];
        foreach ($standings as $one) {
            if ($one->standing === $standing && ($standing !== Standing::Proved || ! $one->part->kind->link)) {
                $entries = array_unique(array_map(fn (Because $b): int => $b->entry, array_filter($one->because, fn (Because $b): bool => in_array($b->ground, $grounds, true))));
                $named[] = $one->part->name.($entries === [] ? '' : ' ('.implode(', ', array_slice($entries, 0, 3)).')');
            }
        }

        return implode(', ', $named);
    }
}
