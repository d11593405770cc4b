<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Plain\Listed;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/**
 * Where more than one thing was changed between two starts, and the second went otherwise: what can then not be told apart, and the starts
 * that split it.
 */
final readonly class ChangedAtOnce
{
    /**
     * @param  string  $sentence what cannot be told apart
     * @param  array<string, SetUp>  $splits what is set back, in words => the set-up with only that set back
     */
    private function __construct(public string $sentence, public array $splits)
    {
    }

    /** About the last start; null where one thing or none was changed, or it went as before. */
    public static function in(Machine $machine, Record $record, Catalogue $catalogue): ?self
    {
        [$before, $last, $acts, $made] = [null, null, [], []];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Start) {
                [$before, $last] = [$last, $entry];
                $made = $acts;
                $acts = [];
            } elseif ($entry instanceof ActDone) {
                $acts[] = $entry;
            }
        }
        if ($before === null || $last === null || $before->reached === $last->reached) {
            return null;
        }
        $words = new EntryWords($machine, $catalogue);
        $parts = $before->setUp->partsChangedTo($last->setUp);
        $changes = [
            ...array_map(fn (string $part): string => $machine->part($part)->inSentence(), $parts),
            ...array_map(fn (ActDone $act): string => $words->what($act), $made),
            ...$before->setUp->place === $last->setUp->place
                ? []
                : [$last->setUp->place === Place::Bench ? 'taking it out of its case' : 'putting it back in its case'],
        ];
        if (count($changes) < 2) {
            return null;
        }
        $splits = [];
        foreach ($parts as $part) {
            $splits[$machine->part($part)->inSentence()] = $last->setUp->with($part, $before->setUp);
        }

        return new self(
            'Changed at once: '
                .Listed::of($changes)
                .'. Which of them made the difference cannot be told; set one of them back, and start again.',
            $splits,
        );
    }
}
