<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Summary;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Queue\NextWord;

/** When an owner can be promised to hear of a machine that comes in now: from the work ahead, the benches and the people. */
final class PromiseNextWord
{
    /** The days it opens, in words. */
    public static function days(): string
    {
        return implode(
            ', ',
            array_map(fn (int $day): string => Carbon::parse('2026-11-22')->addDays($day)->isoFormat('ddd'), shop()->openDays),
        );
    }

    /** The first full hour of tomorrow or later at which the shop is open: a visit to propose. */
    public static function slot(): Carbon
    {
        return Carbon::instance(WhoIsIn::hours()->nextOpen(now()->addDay()->startOfDay()->toDateTimeImmutable()))->addHour();
    }

    public static function for(?Carbon $notBefore = null): Carbon
    {
        $roster = WhoIsIn::roster();
        $now = now()->toDateTimeImmutable();
        $word = NextWord::promise($now, self::minutesAhead(), $roster->hands($now), $roster->bench(1), $notBefore?->toDateTimeImmutable());

        return Carbon::instance($word);
    }

    /** Bench minutes of the machines that are in the shop already. */
    public static function minutesAhead(): int
    {
        $waiting = Summary::query()
            ->where('closed', false)
            ->whereHas('job', fn ($job) => $job->whereNotNull('arrived_at'))
            ->selectRaw('waits_for, count(*) as jobs')
            ->groupBy('waits_for')
            ->pluck('jobs', 'waits_for');
        $minutes = 0.0;
        foreach (app(Catalogue::class)->economy->ahead as $waitsFor => $each) {
            $minutes += $each * (int) ($waiting[$waitsFor] ?? 0);
        }

        return (int) $minutes;
    }
}
