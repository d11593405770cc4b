<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;

/** Whether the record fits together, and which single entry, if wrong, would settle it. */
final readonly class Surprise
{
    /**
     * @param  string  $level "none", "some" or "high"
     * @param  ?int  $entry the entry that, if wrong or if the machine changed just then, settles it
     */
    private function __construct(public string $level, public ?int $entry, public string $why)
    {
    }

    /** Dear when something is odd (one replay per entry), free when nothing is. */
    public static function in(Replay $replay, Machine $machine, Record $record, Catalogue $catalogue): self
    {
        $odd = self::oddity($replay, $record, $catalogue);
        $limit = $catalogue->number('surprise_below');
        if ($odd >= $limit) {
            return new self('none', null, '');
        }
        $entry = self::settles($replay, $machine, $record, $catalogue);
        $level = $odd < $limit / 3 ? 'high' : 'some';

        return new self($level, $entry, $entry === null
            ? 'The entries fit together badly, and no single one explains it. Look at something outside the catalogue.'
            : "The entries fit together badly. If entry {$entry} is wrong, or the machine changed just then, the rest fits. Repeat that one.");
    }

    /** How much less likely the oddest entry was than blind chance gives it; 1 if none was. */
    public static function oddity(Replay $replay, Record $record, Catalogue $catalogue): float
    {
        $odd = 1.0;
        foreach ($record->inForce as $entry) {
            if (isset($replay->predicted[$entry->number])) {
                $odd = min($odd, self::ratio($entry, $replay->predicted[$entry->number], $catalogue));
            }
        }

        return $odd;
    }

    /** The entry whose leaving out gains most, less its own rarity. */
    private static function settles(Replay $replay, Machine $machine, Record $record, Catalogue $catalogue): ?int
    {
        $best = null;
        $most = log(2.0);
        foreach ($record->inForce as $entry) {
            if (! isset($replay->predicted[$entry->number])) {
                continue;
            }
            $without = Replay::of($machine, $record->without($entry->number), $catalogue)->belief->logEvidence;
            $gain = $without - $replay->belief->logEvidence + log(self::chance($entry, $catalogue));
            if ($gain > $most) {
                [$best, $most] = [$entry->number, $gain];
            }
        }

        return $best;
    }

    private static function ratio(Entry $entry, float $predicted, Catalogue $catalogue): float
    {
        $times = $entry instanceof Start ? $entry->times : 1;

        return $predicted ** (1 / $times) / self::chance($entry, $catalogue) ** (1 / $times);
    }

    /** What blind chance gives the entry: all outcomes alike. */
    private static function chance(Entry $entry, Catalogue $catalogue): float
    {
        if ($entry instanceof Finding) {
            return 1 / count($catalogue->check($entry->check)->results);
        }
        $chance = 1.0;
        if ($entry instanceof Start || $entry instanceof Report) {
            $chance = $entry->reached === null ? 1.0 : 1 / (count($catalogue->reaches) - 1);
            foreach (array_keys($entry->signs) as $channel) {
                $chance /= count($catalogue->sign($channel)->values);
            }
        }

        return $entry instanceof Start ? $chance ** $entry->times : $chance;
    }
}
