<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\SetUp\Manner;

/** What reports and answers tell: what happened just before, what was done earlier, marks that were made, how a start ended. */
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
            foreach ($entry instanceof Report ? $entry->history : [] as $act) {
                $told["history {$act}"] = $catalogue->history[$act];
            }
            if ($entry instanceof Report && $entry->carried !== []) {
                $told["carried {$entry->number}"] = new Event(
                    "carried {$entry->number}",
                    'what an earlier job left open',
                    'what an earlier job left open',
                    $entry->carried,
                );
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

    /** How often and when it fails, as last told; null where nobody said. */
    public static function manner(Record $record, Catalogue $catalogue): ?Manner
    {
        $told = null;
        foreach ($record->inForce as $entry) {
            $told = match (true) {
                $entry instanceof Report && $entry->isOfThis() => $entry->manner,
                $entry instanceof Answer => $catalogue->question($entry->question)->answer($entry->answer)?->manner,
                default => null,
            } ?? $told;
        }

        return $told;
    }

    /** Whether it was told or seen to start whole and not to stay up: what such a machine does, an idle start does not show. */
    public static function dropsOut(Record $record, Catalogue $catalogue): bool
    {
        foreach ($record->inForce as $entry) {
            $reached = $entry instanceof Start ? $entry->reached : self::reached($entry, $catalogue);
            if ($reached !== null && $catalogue->reach($reached)->firstStop === $catalogue->stageCount() - 1) {
                return true;
            }
        }

        return false;
    }

    /** How a start ended as an entry tells it second-hand; null where it tells of none, or is only an opinion. */
    public static function reached(Entry $entry, Catalogue $catalogue): ?string
    {
        return match (true) {
            $entry instanceof Report && $entry->isOfThis() => $entry->reached,
            $entry instanceof Answer => $catalogue->question($entry->question)->answer($entry->answer)?->reached,
            default => null,
        };
    }
}
