<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/**
 * Whether a machine, put together in the same way, once got further and once less far with nothing done that explains it. A start that
 * goes well then proves none of its parts: the bad one works now and then too.
 */
final class ComesAndGoes
{
    public static function in(Record $record, Catalogue $catalogue): bool
    {
        $acts = 0;
        $before = [];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                $acts++;
            }
            if (! $entry instanceof Start) {
                continue;
            }
            $reach = $catalogue->reach($entry->reached);
            if (count($entry->outcomes) > 1 || self::isOdd($reach, $acts, $before[$entry->setUp->key()] ?? [])) {
                return true;
            }
            $before[$entry->setUp->key()][] = [$reach, $acts];
        }

        return false;
    }

    /**
     * It got less far than before; or further with nothing done in between.
     *
     * @param  list<array{Reach, int}>  $before how far it got in the same set-up, and how many acts had been done by then
     */
    private static function isOdd(Reach $reach, int $acts, array $before): bool
    {
        foreach ($before as [$earlier, $then]) {
            $fell = $reach->lastStop < $earlier->firstStop;
            $rose = $earlier->lastStop < $reach->firstStop;
            if ($fell || ($rose && $then === $acts)) {
                return true;
            }
        }

        return false;
    }
}
