<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;

/**
 * The path of the picture: the output, the lead and the screen, each the owner's or another. Which of them is still possible, and which way
 * to put them together splits them best. All ways are gone through: with one more output, lead and screen there are eight, and twice as
 * many where the card has another slot to go to.
 */
final class PictureTrials
{
    private const KINDS = ['card', 'card-slot', 'output', 'video-lead', 'screen'];

    /** Null where the picture's path is no question. */
    public static function of(Catalogue $catalogue, Replay $replay, Record $record, Shelf $shelf): ?RankedArrangements
    {
        $culprits = [];
        foreach ($replay->model->modes->all as $i => $mode) {
            $part = $replay->model->machine->part($mode->part);
            if ($mode->spare === null && in_array($part->kind->id, self::KINDS, true) && ! $replay->model->machine->isAtHome($part)) {
                $culprits[$i] = $part->name;
            }
        }

        return RankedArrangements::of(
            $culprits,
            $catalogue->stageIndex('picture'),
            self::all($replay, $shelf, $catalogue),
            $replay,
            $record,
        );
    }

    /** @return list<SetUp> */
    public static function all(Replay $replay, Shelf $shelf, Catalogue $catalogue): array
    {
        $machine = $replay->model->machine;
        $ways = [[]];
        foreach (['video-lead', 'screen'] as $kind) {
            $isHere = $machine->has($kind) && ! in_array($kind, $machine->atHome, true);
            $spare = $isHere ? $shelf->best($kind, $machine, $catalogue->shelf) : null;
            if ($spare !== null) {
                $ways = [
                    ...$ways,
                    ...array_map(
                        fn (array $way): array => [
                            'lent' => [...$way['lent'] ?? [], $kind => ['tag' => $spare->tag, 'trust' => $spare->trust]],
                        ] + $way,
                        $ways,
                    ),
                ];
            }
        }
        if ($machine->has('output')) {
            $ways = [...$ways, ...array_map(fn (array $way): array => [...$way, 'output' => 'other'], $ways)];
        }
        if ($machine->has('card')) {
            $ways = [...$ways, ...array_map(fn (array $way): array => [...$way, 'moved' => ['card' => SetUp::OTHER_SLOT]], $ways)];
        }

        return array_map(SetUp::fromArray(...), $ways);
    }
}
