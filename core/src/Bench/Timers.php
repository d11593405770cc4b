<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

use DateTimeImmutable;
use Exception;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;

/**
 * What runs since an entry: the drain before hands go in, the stand before a start counts as cold, an update during which power stays on.
 */
final class Timers
{
    /**
     * @param  bool  $wantsCold a cold start is among what comes next
     *
     * @return list<Timer> those that run or ran at `since`, whatever the time is now; the soonest to end first
     */
    public static function of(Record $record, Catalogue $catalogue, bool $wantsCold): array
    {
        $timers = array_filter([self::update($record, $catalogue)]);
        $last = $record->lastStart();
        $at = $last === null ? null : self::time($last);
        if ($last === null || $at === null) {
            return $timers;
        }
        if ($last->reached !== 'nothing') {
            $seconds = (int) $catalogue->number('drain_s');
            $timers[] = new Timer(
                'drain',
                'Drain',
                'Lead out, button held, then wait before hands go in or anything is changed.',
                $last->number,
                $at->modify("+{$seconds} seconds"),
            );
            if ($wantsCold) {
                $minutes = (int) $catalogue->number('cold_minutes');
                $timers[] = new Timer(
                    'cold',
                    'Cold',
                    'It must stand off till then before a start counts as cold.',
                    $last->number,
                    $at->modify("+{$minutes} minutes"),
                );
            }
        }

        return $timers;
    }

    /** Since when firmware is being written, or the screen says that it is updating: power stays on, and how long that usually takes. */
    private static function update(Record $record, Catalogue $catalogue): ?Timer
    {
        $since = null;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Finding && $entry->check === 'screen-says') {
                $since = $entry->result === 'updating' ? $entry : null;
            } elseif ($entry instanceof ActDone && in_array($entry->act, ['write-firmware', 'update-firmware'], true)) {
                $since = $entry->begun ? $entry : null;
            }
        }
        $at = $since === null ? null : self::time($since);
        if ($since === null || $at === null) {
            return null;
        }
        $minutes = (int) $catalogue->number('update_minutes');

        return new Timer(
            'update',
            'Updating',
            'The power stays on and nothing is touched. Most are done by then; if it is not, leave it on and ask the lead.',
            $since->number,
            $at->modify("+{$minutes} minutes"),
        );
    }

    private static function time(Entry $entry): ?DateTimeImmutable
    {
        try {
            return $entry->at === '' ? null : new DateTimeImmutable($entry->at);
        } catch (Exception) {
            return null;
        }
    }
}
