<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

use DateTimeImmutable;
use Exception;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** What runs since the last start: the drain before hands go in, and the stand before a start counts as cold. */
final class Timers
{
    /**
     * @param  bool  $wantsCold a cold start is among what comes next
     *
     * @return list<Timer> those that run or ran at `since`, whatever the time is now; the soonest to end first
     */
    public static function of(Record $record, Catalogue $catalogue, bool $wantsCold): array
    {
        $last = $record->lastStart();
        $at = $last === null ? null : self::time($last);
        if ($last === null || $at === null) {
            return [];
        }
        $timers = [];
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

    private static function time(Start $start): ?DateTimeImmutable
    {
        try {
            return $start->at === '' ? null : new DateTimeImmutable($start->at);
        } catch (Exception) {
            return null;
        }
    }
}
