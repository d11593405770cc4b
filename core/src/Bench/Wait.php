<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;

/** How long a start must be waited for before "no picture" says something. */
final readonly class Wait
{
    /** Kinds of part, and acts, after which memory may be trained anew. Common practice, no source. */
    private const KINDS = ['stick', 'processor', 'board', 'cell'];

    private const ACTS = ['clear-settings', 'replace-cell', 'write-firmware', 'update-firmware', 'fall-back-chip', 'set-profile'];

    private function __construct(public int $seconds, public string $why)
    {
    }

    /**
     * @param  SetUp  $next how it is put together for the start
     * @param  list<string>  $acts acts that are made just before it and are not on the record yet
     */
    public static function for(Machine $machine, Record $record, SetUp $next, Catalogue $catalogue, array $acts = []): self
    {
        $standing = new SetUp;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Start) {
                $standing = $entry->setUp;
                $done = [];
            } elseif ($entry instanceof ActDone) {
                $done[] = $entry;
            }
        }
        foreach ($done ?? [] as $act) {
            $acts[] = $act->act;
            if (
                $act->act === 'replace'
                && array_filter($act->on, fn (string $part): bool => in_array($machine->part($part)->kind->id, self::KINDS, true)) !== []
            ) {
                return self::long('a part that memory is trained for is new', $catalogue);
            }
        }
        if (array_intersect($acts, self::ACTS) !== []) {
            return self::long('settings or firmware are as new, so memory may be trained', $catalogue);
        }
        foreach ($standing->partsChangedTo($next) as $part) {
            if (in_array($machine->part($part)->kind->id, self::KINDS, true)) {
                return self::long("{$machine->part($part)->inSentence()} changed, so memory may be trained", $catalogue);
            }
        }

        return new self((int) $catalogue->number('short_wait_s'), 'memory may be trained');
    }

    private static function long(string $why, Catalogue $catalogue): self
    {
        return new self((int) $catalogue->number('first_start_s'), $why);
    }
}
