<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Role;
use App\Models\Shift;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Queue\OpeningHours;
use Orthoscope\Core\Queue\Roster;
use Orthoscope\Core\Queue\ShiftHours as CoreShift;
use Orthoscope\Core\Queue\UnusableShift;
use stdClass;

/** Who is in when, and so how many benches are worked. */
final class WhoIsIn
{
    /** Days ahead that are shown and planned with. */
    private const DAYS = 14;

    public static function hours(): OpeningHours
    {
        return new OpeningHours(shop()->openDays, shop()->openFrom, shop()->openTo, shop()->closedDays);
    }

    /** @return Collection<int, Shift> shifts that go on or are to come, those that begin first first */
    public static function soon(): Collection
    {
        return Shift::query()
            ->with('user')
            ->where('to_at', '>', now())
            ->where('from_at', '<', now()->addDays(self::DAYS))
            ->orderBy('from_at')
            ->orderBy('id')
            ->get();
    }

    public static function roster(): Roster
    {
        $atBench = array_filter(Role::cases(), fn (Role $role): bool => $role->worksAtBench());
        // Many pages ask for it, and two weeks of shifts are many: rows will do.
        $shifts = Shift::query()
            ->join('users', 'users.id', '=', 'shifts.user_id')
            ->whereIn('users.role', array_column($atBench, 'value'))
            ->where('to_at', '>', now()->startOfDay())
            ->where('from_at', '<', now()->addDays(self::DAYS))
            ->orderBy('shifts.id')
            ->toBase()
            ->get(['users.name', 'from_at', 'to_at']);
        $hours = fn (stdClass $row): CoreShift => CoreShift::of(
            (string) $row->name,
            new DateTimeImmutable((string) $row->from_at),
            new DateTimeImmutable((string) $row->to_at),
        );

        return Roster::of(
            array_values($shifts->map($hours)->all()),
            self::hours(),
            min(
                shop()->benches,
                User::query()
                    ->here()
                    ->whereIn('role', [Role::Technician->value, Role::Lead->value])
                    ->count(),
            ),
        );
    }

    /** @throws UnusableShift */
    public static function put(User $who, Carbon $from, Carbon $to): Shift
    {
        CoreShift::of($who->name, $from->toDateTimeImmutable(), $to->toDateTimeImmutable());
        $other = Shift::query()->where('user_id', $who->id)->where('from_at', '<', $to)->where('to_at', '>', $from)->first();
        if ($other !== null) {
            throw UnusableShift::twice($who->name, $other->from_at->format('H:i'), $other->to_at->format('H:i'));
        }

        return Shift::query()->create(['user_id' => $who->id, 'from_at' => $from, 'to_at' => $to]);
    }

    /** Who is in goes home now; who was to come does not. */
    public static function takeOut(Shift $shift): void
    {
        $shift->from_at->isPast() ? $shift->update(['to_at' => now()]) : $shift->delete();
    }
}
