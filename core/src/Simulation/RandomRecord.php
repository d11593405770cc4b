<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;

/** A record of a given length on a simulated machine, of steps taken at random: to measure on, and to try properties on. */
final class RandomRecord
{
    /** @return array{HiddenMachine, list<Entry>} */
    public static function of(Catalogue $catalogue, int $entries, string $seed): array
    {
        $draw = Draw::from($seed);
        $bench = new Bench($catalogue, (new FriendlyWorld($catalogue))->machine($draw));
        $bench->start(new SetUp);
        $shelf = Shelf::wellStocked($catalogue);
        $adviser = new Adviser($catalogue, $bench->hidden->machine(), $shelf);
        while (count($bench->record()->entries) < $entries) {
            $record = $bench->record();
            $open = (new View($catalogue, $adviser->replay($record, false), $record, $shelf))->open();
            $open === [] ? $bench->start(new SetUp) : $bench->take($draw->oneOf($open));
        }

        return [$bench->hidden, array_slice($bench->record()->entries, 0, $entries)];
    }
}
