<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\CaseFile;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Words\EntryWords;

/** Why a part stands where it stands: the entries that made it so, what may be wrong with it, and how each entry moved belief. */
final class Explanation
{
    public static function of(CaseFile $case, Part $part, Catalogue $catalogue): string
    {
        $assessment = Assessment::of($case->machine, $case->record, $case->shelf, $catalogue);
        $standing = $assessment->standings[$part->id];
        $words = new EntryWords($case->machine, $catalogue);
        $lines = [sprintf('%s: %s, %.1f %%', $part->name, $standing->standing->words(), 100 * $standing->probability)];
        foreach ($standing->because as $because) {
            $lines[] = "  entry {$because->entry}: {$because->ground->words()}";
        }
        foreach (array_slice($assessment->faultsOf($part->id), 0, 4) as $fault) {
            $lines[] = sprintf('  %5.1f %%  %s', 100 * $fault->probability, $fault->fault->name);
        }
        $lines[] = 'How it moved:';
        $before = self::suspicion($case, $part, 0, $catalogue);
        $lines[] = sprintf('  %5.1f %%  before anything was written down', 100 * $before);
        foreach ($case->record->entries as $entry) {
            $after = self::suspicion($case, $part, $entry->number, $catalogue);
            $lines[] = sprintf('  %5.1f %%  %s', 100 * $after, self::named($entry, $words));
        }

        return implode("\n", $lines)."\n";
    }

    private static function suspicion(CaseFile $case, Part $part, int $upTo, Catalogue $catalogue): float
    {
        $replay = Replay::of($case->machine, $case->record->upTo($upTo), $catalogue);

        return $replay->belief->hadAny($replay->model->modes->ofPart($part->id));
    }

    private static function named(Entry $entry, EntryWords $words): string
    {
        $outcome = $words->outcome($entry);

        return "{$entry->number} {$words->deed($entry)}".($outcome === '' ? '' : ": {$outcome}");
    }
}
