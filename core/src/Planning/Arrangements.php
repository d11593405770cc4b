<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\SetUp\SetUp;

/**
 * Memory sticks in slots: which stick, slot, channel or pair is still possible, and which arrangement splits them best. All
 * arrangements of one stick are gone through, and those of two in the order of the slots: the other way round tells hardly more. A pair
 * that fails together and works stick by stick is of its own kind.
 */
final class Arrangements
{
    /** Null where memory is no question, or nothing can be arranged. */
    public static function of(Catalogue $catalogue, Replay $replay, Record $record): ?RankedArrangements
    {
        $machine = $replay->model->machine;
        if (count($machine->ofKind('slot')) < 2 || $machine->ofKind('stick') === []) {
            return null;
        }

        return RankedArrangements::of(self::culprits($replay), $catalogue->stageIndex('memory'), self::all($machine), $replay, $record);
    }

    /** @return array<int, string> mode => name of the stick, slot, channel or pair that is then at fault */
    private static function culprits(Replay $replay): array
    {
        $culprits = [];
        foreach ($replay->model->modes->all as $i => $mode) {
            $part = $replay->model->machine->part($mode->part);
            if ($mode->spare === null && ($mode->channel !== null || in_array($part->kind->id, ['stick', 'slot', 'kit'], true))) {
                $culprits[$i] = $mode->channel === null ? $part->name : "channel {$mode->channel} of {$part->inSentence()}";
            }
        }

        return $culprits;
    }

    /**
     * The ways to put one or two of the sticks into slots, the rest out; two in the order of the slots.
     *
     * @return list<SetUp>
     */
    public static function all(Machine $machine): array
    {
        $sticks = array_column($machine->ofKind('stick'), 'id');
        $slots = array_column($machine->ofKind('slot'), 'id');
        $all = [];
        foreach ($sticks as $i => $stick) {
            foreach ($slots as $k => $slot) {
                $all[] = self::with([$stick => $slot], $sticks, $machine);
                foreach (array_slice($sticks, $i + 1) as $other) {
                    foreach (array_slice($slots, $k + 1) as $next) {
                        $all[] = self::with([$stick => $slot, $other => $next], $sticks, $machine);
                    }
                }
            }
        }

        return $all;
    }

    /**
     * @param  array<string, string>  $in  stick => slot
     * @param  list<string>  $sticks of the machine
     */
    private static function with(array $in, array $sticks, Machine $machine): SetUp
    {
        $moved = array_filter(
            $in,
            fn (string $slot, string $stick): bool => ($machine->slots[$stick] ?? null) !== $slot,
            ARRAY_FILTER_USE_BOTH,
        );

        return SetUp::fromArray(['out' => array_values(array_diff($sticks, array_keys($in))), 'moved' => $moved]);
    }
}
