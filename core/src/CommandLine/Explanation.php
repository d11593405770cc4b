<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
use Orthoscope\Core\Words\EntryWords;

/** Why a part stands where it stands: the entries that made it so, what may be wrong with it, and how each entry moved belief. */
final class Explanation
{
    public static function of(CaseFile $case, Part $part, Catalogue $catalogue): string
    {
        $assessment = Assessment::of($case->machine, $case->record, $case->shelf, $catalogue);
        $standing = $assessment->standings[$part->id];
        $words = new EntryWords($case->machine, $catalogue);
        $lines = [sprintf('%s: %s, %.1f %%', $part->name, $standing->words(), 100 * $standing->stated)];
        foreach ($standing->because as $because) {
            $lines[] = "  entry {$because->entry}: {$because->ground->words()}";
        }
        foreach (array_slice($assessment->faultsOf($part->id), 0, 4) as $fault) {
            $lines[] = sprintf('  %5.1f %%  %s', 100 * $standing->share($fault->probability), $fault->fault->name);
        }
        $lines[] = 'How it moved:';
        $replay = Replay::of($case->machine, $case->record->upTo(0), $catalogue);
        $lines[] = sprintf('  %5.1f %%  before anything was written down', 100 * self::suspicion($replay, $part));
        foreach ($case->record->entries as $entry) {
            $record = $case->record->upTo($entry->number);
            $replay = $replay->and($record) ?? Replay::of($case->machine, $record, $catalogue);
            $lines[] = sprintf('  %5.1f %%  %s', 100 * self::suspicion($replay, $part), self::named($entry, $words));
        }
        array_push($lines, ...self::movers($assessment->advice->steps, $part, $standing->probability));

        return implode("\n", $lines)."\n";
    }

    /**
     * What would move it most: steps of those ranked first, with what each outcome would make of it.
     *
     * @param  list<NextStep>  $steps
     *
     * @return list<string>
     */
    private static function movers(array $steps, Part $part, float $now): array
    {
        $moves = $lines = [];
        foreach ($steps as $i => $step) {
            $moves[$i] = array_sum(
                array_map(fn (Outcome $o): float => $o->probability * abs(($o->parts[$part->id] ?? 0.0) - $now), $step->outcomes),
            );
        }
        arsort($moves);
        foreach (array_keys(array_slice(array_filter($moves, fn (float $move): bool => $move > 0.01), 0, 3, true)) as $i) {
            $outcomes = array_map(
                fn (Outcome $o): string => sprintf('%s: %.0f %%', $o->words, 100 * ($o->parts[$part->id] ?? 0.0)),
                $steps[$i]->outcomes,
            );
            $lines[] = "  {$steps[$i]->candidate->name()} ({$steps[$i]->minutes} min): ".implode(', ', $outcomes);
        }

        return $lines === [] ? [] : ['What would move it:', ...$lines];
    }

    private static function suspicion(Replay $replay, Part $part): float
    {
        return $replay->belief->hadAny($replay->model->modes->ofPart($part->id));
    }

    private static function named(Entry $entry, EntryWords $words): string
    {
        $outcome = $words->outcome($entry);

        return "{$entry->number} {$words->what($entry)}".($outcome === '' ? '' : ": {$outcome}");
    }
}
