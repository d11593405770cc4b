<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Contradiction;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;

/**
 * Whether the record fits together, and which single entry, if wrong or if the machine changed just then, would settle it. An entry does
 * not fit that nothing explains, all others read, or that contradicts itself; that a true find was rare beforehand is no reason.
 */
final readonly class Surprise
{
    /** Odd entries before which a change of the machine is tried. Origin: judgement. */
    private const CHANGES = 2;

    /**
     * @param  string  $level "none"; "some" where it fits badly, "high" where nothing known explains an entry, or one is probably wrong
     * @param  ?int  $entry the entry that, if wrong, settles it
     * @param  ?int  $changed the entry just before which the machine may have changed by itself, if that settles it too
     * @param  bool  $isExplained what is believed explains every entry, if badly
     */
    private function __construct(
        public string $level,
        public ?int $entry,
        public ?int $changed,
        public string $why,
        public bool $isExplained = true,
    ) {
    }

    /**
     * @param  Replay  $replay the record as it was gone through
     * @param  ?WideLook  $wide   the same, looked at widely, if it surprises
     */
    public static function in(Replay $replay, ?WideLook $wide, Record $record, Catalogue $catalogue): self
    {
        $contradicts = self::contradiction($record, $catalogue);
        if ($contradicts !== null || $wide === null) {
            return $contradicts ?? new self('none', null, null, '');
        }
        [$odd, $gain] = self::settles($wide, $record, $catalogue);
        $wrong = $gain > log($catalogue->number('named_wrong_from')) ? $odd : null;
        $changed = self::changes($wide, $replay, $record, $catalogue);
        $isExplained = self::explained($wide, $record, $catalogue) >= $catalogue->number('surprise_below');
        if ($isExplained && $odd === null && $changed === null) {
            return new self('none', null, null, '');
        }

        return new self(
            $isExplained && $wrong === null ? 'some' : 'high',
            $wrong,
            $changed,
            self::why($odd, $wrong, $changed),
            $isExplained,
        );
    }

    /** One entry that does not fit itself needs no other to be doubted. */
    private static function contradiction(Record $record, Catalogue $catalogue): ?self
    {
        $start = Contradiction::last($record, $catalogue);
        $words = $start === null ? null : Contradiction::in($start, $catalogue)?->words();

        return $start === null || $words === null ? null : new self(
            'high',
            $start->number,
            null,
            "Entry {$start->number} says {$words}: one of the two is wrong. Repeat that one.",
            isExplained: false,
        );
    }

    /**
     * @param  ?int  $odd  the entry that fits least, if leaving one out helps
     * @param  ?int  $wrong the same, where it is probably wrong
     */
    private static function why(?int $odd, ?int $wrong, ?int $changed): string
    {
        return match (true) {
            $wrong !== null && $changed !== null => "The entries fit together badly. Either entry {$wrong} is wrong, or the "
                ."machine changed just before entry {$changed}. Repeat entry {$wrong}: if it comes out the same, it changed.",
            $wrong !== null => "The entries fit together badly. If entry {$wrong} is wrong, the rest fits. Repeat that one.",
            $changed !== null => "The entries fit together badly, unless the machine changed just before entry {$changed}. Go "
                .'back to how it was put together then, and start it again.',
            $odd !== null => "The entries fit together badly, and entry {$odd} least. Two faults at once explain that as well as a "
                .'slip does.',
            default => 'The entries fit together badly, and no single one explains it. Look at something outside the catalogue.',
        };
    }

    /** Whether an entry was so rare by what was believed before it that sets which were dropped are looked into again. */
    public static function asksForAWideLook(Replay $replay, Record $record, Catalogue $catalogue): bool
    {
        $oddities = self::oddities($replay, $record, $catalogue);

        return $oddities !== [] && min($oddities) < $catalogue->number('surprise_below');
    }

    /** @return array<int, float> entry => how likely it was by what was believed before it, against blind chance */
    private static function oddities(Replay $replay, Record $record, Catalogue $catalogue): array
    {
        $odd = [];
        foreach ($record->inForce as $entry) {
            if (isset($replay->predicted[$entry->number]) && ! self::isTold($entry)) {
                $odd[$entry->number] = self::ratio($entry, $replay->predicted[$entry->number], $catalogue);
            }
        }

        return $odd;
    }

    /** What was told may be of an earlier state of the machine; that it differs from the bench is no surprise. */
    private static function isTold(Entry $entry): bool
    {
        return $entry instanceof Report || $entry instanceof Answer || $entry instanceof OthersTrial;
    }

    /** How likely the least explained entry is by what is believed at the end, against blind chance; 1 at most. */
    private static function explained(WideLook $wide, Record $record, Catalogue $catalogue): float
    {
        $end = $wide->replay->belief->bySet();
        $least = 1.0;
        foreach ($record->inForce as $entry) {
            if (isset($wide->fit[$entry->number]) && ! self::isTold($entry)) {
                $mean = 0.0;
                foreach ($end as $set => $w) {
                    $mean += $w * ($wide->fit[$entry->number][$set] ?? 1.0);
                }
                $least = min($least, self::ratio($entry, $mean, $catalogue));
            }
        }

        return $least;
    }

    /**
     * The entry whose leaving out gains most in fit, less its own rarity and how seldom such an entry is wrong: what each set made of it is
     * taken out again.
     *
     * @return array{?int, float} the entry, if it gains enough to say so, and the natural logarithm of how much better the rest fits
     */
    private static function settles(WideLook $wide, Record $record, Catalogue $catalogue): array
    {
        $end = $wide->replay->belief->bySet();
        $best = null;
        $most = log($catalogue->number('odd_from'));
        foreach ($record->inForce as $entry) {
            if (! isset($wide->fit[$entry->number]) || self::isTold($entry)) {
                continue;
            }
            $without = 0.0;
            foreach ($end as $set => $w) {
                $without += $w / ($wide->fit[$entry->number][$set] ?? 1.0);
            }
            $gain = log($without * self::chance($entry, $catalogue) * self::mistaken($entry, $catalogue));
            if ($gain > $most) {
                [$best, $most] = [$entry->number, $gain];
            }
        }

        return [$best, $most];
    }

    /** How often such an entry is wrong, against a start: what is seen is seldom not there, nor what a meter that was tried reads. */
    private static function mistaken(Entry $entry, Catalogue $catalogue): float
    {
        if (! $entry instanceof Finding) {
            return 1.0;
        }
        $noise = FindingNoise::of($catalogue->check($entry->check), $entry, $catalogue);

        return min(1.0, $noise / $catalogue->number('record_noise'));
    }

    /** The odd entry that fits best if a fault came about just before it. */
    private static function changes(WideLook $wide, Replay $replay, Record $record, Catalogue $catalogue): ?int
    {
        $odd = array_filter(self::oddities($replay, $record, $catalogue), fn (float $ratio): bool => $ratio < 1.0);
        asort($odd);
        $best = null;
        $most = log($catalogue->number('odd_from'));
        foreach (array_keys(array_slice($odd, 0, self::CHANGES, true)) as $entry) {
            $gain = $wide->before[$entry]->hadItChangedHere()->belief->logEvidence - $wide->replay->belief->logEvidence;
            if ($gain > $most && ! self::isFirst($entry, $record)) {
                [$best, $most] = [$entry, $gain];
            }
        }

        return $best;
    }

    /** Before the first entry there is nothing to have changed from. */
    private static function isFirst(int $entry, Record $record): bool
    {
        return ($record->inForce[0]->number ?? $entry) === $entry;
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
        if ($entry instanceof OthersTrial) {
            return 1 / count($catalogue->closedReaches());
        }
        if ($entry instanceof Start || $entry instanceof Report) {
            $outcomes = count($catalogue->closedReaches());
            $chance = $entry->reached === null ? 1.0 : $outcomes ** -($entry instanceof Start ? $entry->times : 1);
            foreach (array_keys($entry->signs) as $channel) {
                $chance /= count($catalogue->sign($channel)->values);
            }
        }

        return $chance;
    }
}
