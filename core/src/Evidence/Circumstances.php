<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;

/** What happened just before, what was done earlier, and the marks that were made, as reports and answers tell. */
final class Circumstances
{
    /** @return list<Event> each once */
    public static function of(Record $record, Catalogue $catalogue): array
    {
        $told = [];
        foreach ($record->inForce as $entry) {
            foreach (self::events($entry, $catalogue) as $event) {
                $told[$event] = $catalogue->events[$event];
            }
            foreach ($entry instanceof Report ? $entry->history : [] as $deed) {
                $told["history {$deed}"] = $catalogue->history[$deed];
            }
            foreach (self::marks($entry, $catalogue) as $mark) {
                $told["mark {$mark}"] = $catalogue->marks[$mark];
            }
        }

        return array_values($told);
    }

    /** @return list<string> */
    public static function events(Entry $entry, Catalogue $catalogue): array
    {
        return match (true) {
            $entry instanceof Report => $entry->events,
            $entry instanceof Answer => array_filter([$catalogue->question($entry->question)->answer($entry->answer)?->event]),
            default => [],
        };
    }

    /** @return list<string> */
    public static function marks(Entry $entry, Catalogue $catalogue): array
    {
        return match (true) {
            $entry instanceof Report => $entry->marks,
            $entry instanceof Answer => array_filter([$catalogue->question($entry->question)->answer($entry->answer)?->mark]),
            default => [],
        };
    }
}
