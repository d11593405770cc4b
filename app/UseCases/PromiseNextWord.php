<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Role;
use App\Models\Summary;
use App\Models\User;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Queue\NextWord;
use Orthoscope\Core\Queue\OpeningHours;

/** When an owner can be promised to hear of a machine that comes in now: from the work ahead, the benches and the people. */
final class PromiseNextWord
{
    public static function hours(): OpeningHours
    {
        return new OpeningHours(config('shop.open_days'), (int) config('shop.open_from'), (int) config('shop.open_to'));
    }

    /** The days it opens, in words. */
    public static function days(): string
    {
        return implode(', ', array_map(fn (int $day): string => Carbon::create(2026, 11, 22 + $day)->isoFormat('ddd'), config('shop.open_days')));
    }

    /** The first full hour of tomorrow or later at which the shop is open: a visit to propose. */
    public static function slot(): Carbon
    {
        return Carbon::instance(self::hours()->nextOpen(now()->addDay()->startOfDay()->toDateTimeImmutable()))->addHour();
    }

    public static function for(?Carbon $notBefore = null): Carbon
    {
        $people = User::query()->whereIn('role', [Role::Technician->value, Role::Lead->value])->count();
        $hands = max(1, min((int) config('shop.benches'), $people));
        $word = NextWord::promise(now()->toDateTimeImmutable(), self::minutesAhead(), $hands, self::hours(), $notBefore?->toDateTimeImmutable());

        return Carbon::instance($word);
    }

    /** Bench minutes of the machines that are in the shop already. */
    public static function minutesAhead(): int
    {
        $waiting = Summary::query()->where('closed', false)->whereHas('job', fn ($job) => $job->whereNotNull('arrived_at'))
            ->selectRaw('waits_for, count(*) as jobs')->groupBy('waits_for')->pluck('jobs', 'waits_for');
        $minutes = 0;
        foreach (config('shop.bench_minutes') as $waitsFor => $each) {
            $minutes += $each * (int) ($waiting[$waitsFor] ?? 0);
        }

        return $minutes;
    }
}
