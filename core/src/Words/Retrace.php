<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Plain\Listed;
use Orthoscope\Core\SetUp\SetUp;

/** Reads the case back in sentences: what was changed without effect, what is proved, what nobody has tested. */
final class Retrace
{
    /**
     * @param  array<string, PartStanding>  $standings
     *
     * @return list<string>
     */
    public static function sentences(array $standings, Record $record, EntryWords $words): array
    {
        $sentences = self::withoutEffect($standings, $record, $words);
        $proved = self::named($standings, Standing::Proved);
        if ($proved !== '') {
            $under = array_values(
                array_unique(array_filter(array_map(fn (PartStanding $one): string => $one->under, array_values($standings)))),
            )[0] ?? '';
            $sentences[] = 'Proved working'.($under === '' ? '' : ", {$under}").": {$proved}.";
        }
        $worked = self::named($standings, Standing::Worked);
        if ($worked !== '') {
            $sentences[] = "Worked when tried, which does not prove them: {$worked}.";
        }
        foreach ([Standing::Provisional, Standing::Condemned, Standing::Cured] as $standing) {
            $named = self::named($standings, $standing, Ground::Improved, Ground::CameBack, Ground::Seen);
            if ($named !== '') {
                $sentences[] = ucfirst($standing->words()).": {$named}.";
            }
        }
        $untested = array_map(
            fn (PartStanding $s): string => $s->part->name,
            array_filter(
                $standings,
                fn (PartStanding $s): bool => in_array($s->standing, [Standing::NotTested, Standing::Hidden], true)
                    && $s->part->id !== 'outside',
            ),
        );
        if ($untested !== []) {
            $sentences[] = 'Not tested: '.implode(', ', array_values($untested)).'.';
        }

        return $sentences;
    }

    /**
     * What was done and changed nothing, by entry, and what follows from it.
     *
     * @param  array<string, PartStanding>  $standings
     *
     * @return list<string>
     */
    private static function withoutEffect(array $standings, Record $record, EntryWords $words): array
    {
        $done = $parts = [];
        foreach ($standings as $standing) {
            if ($standing->standing !== Standing::NotAlone) {
                continue;
            }
            $parts[] = $standing->part->inSentence();
            foreach (Grounds::only($standing->because, Ground::NoChange, Ground::LookedGood) as $because) {
                $done[$because->entry] = self::whatWasDone($because->entry, $record, $words);
            }
        }
        if ($done === []) {
            return [];
        }
        ksort($done);
        $list = implode(', ', array_map(fn (int $entry, string $what): string => "{$what} ({$entry})", array_keys($done), $done));
        $alone = (count($parts) > 1 ? 'none of ' : 'not ').Listed::of($parts).' alone';

        return [ucfirst($list).": no change in where it stops, so it is {$alone}."];
    }

    /** What an entry did to the machine: its set-up, or the acts before it where it was started as it was. */
    private static function whatWasDone(int $number, Record $record, EntryWords $words): string
    {
        $acts = [];
        foreach ($record->inForce as $entry) {
            if ($entry->number === $number) {
                return $entry instanceof Start && $acts !== [] && $entry->setUp->partsChangedTo(new SetUp) === []
                    ? implode(', ', $acts)
                    : $words->what($entry);
            }
            $acts = $entry instanceof ActDone ? [...$acts, $words->what($entry)] : ($entry instanceof Start ? [] : $acts);
        }

        return '';
    }

    /** @param  array<string, PartStanding>  $standings */
    private static function named(array $standings, Standing $standing, Ground ...$grounds): string
    {
        $named = [];
        foreach ($standings as $one) {
            if ($one->standing === $standing && ! ($standing->hasWorked() && $one->part->kind->link)) {
                $entries = array_unique(
                    array_map(
                        fn (Because $b): int => $b->entry,
                        array_filter($one->because, fn (Because $b): bool => in_array($b->ground, $grounds, true)),
                    ),
                );
                $named[] = $one->part->name.($entries === [] ? '' : ' ('.implode(', ', array_slice($entries, 0, 3)).')');
            }
        }

        return implode(', ', $named);
    }
}
