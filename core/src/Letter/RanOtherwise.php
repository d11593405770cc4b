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
use Orthoscope\Core\Words\StartInPlain;

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
        $asItCame = array_filter($starts, fn (Start $start): bool => self::way($start->setUp) === '');
        $failing = array_values(array_filter($asItCame, fn (Start $start): bool => $catalogue->isFailure($start->best())))[0] ?? null;
        if ($failing === null) {
            return [];
        }
        // What was started less hard than it failed says nothing.
        $asHard = fn (Start $start): bool => $start->setUp->isAsHardAs($failing->setUp);
        $ran = $failed = [];
        foreach (array_filter($starts, $asHard) as $start) {
            $way = self::way($start->setUp);
            if ($way === '' && ! $catalogue->isFailure($start->best())) {
                return [];
            }
            $catalogue->isFailure($start->reached) ? ($failed[$way ?? ''] = true) : ($ran[$way ?? ''] ??= $start);
        }
        $each = array_diff_key($ran, $failed, ['' => true]);

        return array_map(
            fn (string $way, Start $start): Sentence => Sentence::of(
                StartInPlain::sentence("We started it {$way}", $start, $catalogue),
                $start->number,
            ),
            array_keys($each),
            $each,
        );
    }

    /** Empty for a start as it came; null where a part was changed, or more than one thing. */
    private static function way(SetUp $setUp): ?string
    {
        $ways = array_filter([
            $setUp->otherOutput ? 'with the screen on another output' : '',
            $setUp->place === Place::Bench ? 'out of its case' : '',
            $setUp->startBy === StartBy::Pins && $setUp->place !== Place::Bench ? 'without its own buttons' : '',
            $setUp->basicDriver ? 'with its basic driver for the picture' : '',
            $setUp->lowClocks ? 'at a lower speed' : '',
        ]);

        $isOwn = [...$setUp->lent, ...$setUp->out, ...$setUp->moved, ...$setUp->attached] === [] && $setUp->otherDriver === null;

        return $isOwn && count($ways) < 2 ? array_values($ways)[0] ?? '' : null;
    }
}
