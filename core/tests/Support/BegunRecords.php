<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Support;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Shelf\Shelf;

/**
 * Records that tests begin alike: what follows from their first entries is worked out once and gone on from, as the application does. That
 * it comes to the same as the whole from its start, AdviserTest holds.
 */
final class BegunRecords
{
    /** So many are remembered, the latest: each holds megabytes. */
    private const MOST = 20;

    /** @var array<string, Replay|Adviser> */
    private static array $begun = [];

    public static function replay(Machine $machine, Record $record): Replay
    {
        $of = self::of($machine, null);
        $begun = self::longest($of, $record);
        $replay = $begun instanceof Replay ? $begun->and($record) : null;
        if ($replay === null && $record->entries !== []) {
            $first = $record->upTo(1);
            $begun = Replay::of($machine, $first, Catalogue::shipped());
            self::remember($of, $first, $begun);
            $replay = $begun->and($record);
        }
        $replay ??= Replay::of($machine, $record, Catalogue::shipped());
        self::remember($of, $record, $replay);

        return $replay;
    }

    public static function assess(Machine $machine, Record $record, Shelf $shelf): Assessment
    {
        $of = self::of($machine, $shelf);
        $begun = self::longest($of, $record);
        $adviser = $begun instanceof Adviser ? clone $begun : new Adviser(Catalogue::shipped(), $machine, $shelf);
        if ($begun === null && count($record->entries) > 1) {
            $first = $record->upTo(1);
            $adviser->replay($first);
            self::remember($of, $first, clone $adviser);
        }
        $assessment = $adviser->assess($record);
        self::remember($of, $record, $adviser);

        return $assessment;
    }

    /** What was begun with the most of its entries. */
    private static function longest(string $of, Record $record): Replay|Adviser|null
    {
        for ($upTo = count($record->entries); $upTo > 0; $upTo--) {
            $key = self::key($of, $record->upTo($upTo));
            if (isset(self::$begun[$key])) {
                return self::$begun[$key];
            }
        }

        return null;
    }

    private static function remember(string $of, Record $record, Replay|Adviser $begun): void
    {
        $key = self::key($of, $record);
        unset(self::$begun[$key]);
        self::$begun[$key] = $begun;
        if (count(self::$begun) > self::MOST) {
            array_shift(self::$begun);
        }
    }

    private static function of(Machine $machine, ?Shelf $shelf): string
    {
        return hash('xxh128', serialize([$machine, $shelf]));
    }

    private static function key(string $of, Record $record): string
    {
        return $of.hash('xxh128', serialize($record->entries));
    }
}
