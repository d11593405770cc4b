<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;

/**
 * That it ran once it was connected or started in another way, all its own parts in: what the cause that is named often rests on. Nothing
 * is told of what also ran as it came, or did not run each time: that says little.
 */
final readonly class RanOtherwise
{
    /** @return list<Sentence> one for each way */
    public static function sentences(Record $record, Catalogue $catalogue): array
    {
        $worked = array_filter($record->all(ActDone::class), fn (ActDone $act): bool => $act->isWork($catalogue));
        $until = array_column($worked, 'number')[0] ?? PHP_INT_MAX;
        $starts = array_filter($record->all(Start::class), fn (Start $start): bool => $start->number < $until);
        $asItCame = array_values(array_filter($starts, fn (Start $start): bool => self::way($start->setUp) === ''));
        if ($asItCame === [] || array_filter($asItCame, fn (Start $start): bool => ! $catalogue->isFailure($start->best())) !== []) {
            return [];
        }
        $ran = $failed = [];
        foreach ($starts as $start) {
            $way = (string) self::way($start->setUp);
            if ($way !== '' && $start->setUp->isAsHardAs($asItCame[0]->setUp)) {
                $catalogue->isFailure($start->reached) ? ($failed[$way] = true) : ($ran[$way] ??= $start);
            }
        }

        return array_map(
            fn (string $way, Start $start): Sentence => Sentence::of("{$way} {$catalogue->reach($start->reached)->plain}.", $start->number),
            array_keys(array_diff_key($ran, $failed)),
            array_diff_key($ran, $failed),
        );
    }

    /** Empty for a start as it came; null where a part was changed, or more than one thing. */
    private static function way(SetUp $setUp): ?string
    {
        $ways = array_filter([
            $setUp->otherOutput ? 'With the screen on another output' : '',
            $setUp->place === Place::Bench ? 'Out of its case' : '',
            $setUp->startBy === StartBy::Pins && $setUp->place !== Place::Bench ? 'Without its own buttons' : '',
            $setUp->basicDriver ? 'With its basic driver for the picture' : '',
            $setUp->lowClocks ? 'At a lower speed' : '',
        ]);

        $isOwn = [...$setUp->lent, ...$setUp->out, ...$setUp->moved, ...$setUp->attached] === [] && $setUp->otherDriver === null;

        return $isOwn && count($ways) < 2 ? array_values($ways)[0] ?? '' : null;
    }
}
