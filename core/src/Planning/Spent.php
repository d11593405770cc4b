<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use DateTimeImmutable;
use Exception;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** Bench minutes that went into a record. */
final class Spent
{
    /**
     * By the clock from one entry to the next where that was no pause, and by the book (the catalogue's minutes) where it was or
     * where nobody wrote down when. An entry is never counted for less than nothing: clocks may differ.
     */
    public static function minutes(Record $record, Catalogue $catalogue): int
    {
        return (int) round(array_sum(self::byEntry($record, $catalogue)));
    }

    /** @return array<int, float> number of an entry => bench minutes that went into it */
    public static function byEntry(Record $record, Catalogue $catalogue): array
    {
        $minutes = [];
        $before = null;
        foreach ($record->entries as $entry) {
            $at = self::time($entry->at);
            $book = self::byTheBook($entry, $catalogue);
            $gap = $at === null || $before === null ? null : ($at->getTimestamp() - $before->getTimestamp()) / 60;
            if ($book > 0.0) {
                $minutes[$entry->number] = $gap === null || $gap > $catalogue->number('pause_minutes') || $gap < 0.0 ? $book : (float) $gap;
            }
            $before = $at ?? $before;
        }

        return $minutes;
    }

    private static function byTheBook(Entry $entry, Catalogue $catalogue): float
    {
        return match (true) {
            $entry instanceof Start => $entry->times * $catalogue->number('start_minutes'),
            $entry instanceof Finding => self::check($entry->check, $catalogue),
            $entry instanceof ActDone => (float) $catalogue->act($entry->act)->minutes,
            default => 0.0,
        };
    }

    private static function check(string $check, Catalogue $catalogue): float
    {
        foreach ($catalogue->steps as $step) {
            if ($step->check === $check) {
                return (float) $step->minutes;
            }
        }

        return $catalogue->number('reading_minutes');
    }

    private static function time(string $at): ?DateTimeImmutable
    {
        if ($at === '') {
            return null;
        }
        try {
            return new DateTimeImmutable($at);
        } catch (Exception) {
            return null;
        }
    }
}
