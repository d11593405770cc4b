<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\Machine;
use App\Models\Owner;
use App\Models\OwnerJoin;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Joins two owners that are one person: the machines of one go to the other. It can be taken back; nobody is joined silently. */
final class JoinOwners
{
    /** Fields of which the kept one is given what it lacks. */
    private const FILLED = ['phone', 'email'];

    private const MOST = 50;

    public static function join(Owner $kept, Owner $other, User $by): OwnerJoin
    {
        return DB::transaction(function () use ($kept, $other, $by): OwnerJoin {
            if ($kept->id === $other->id || $kept->joined_into !== null || $other->joined_into !== null) {
                throw ValidationException::withMessages(['join' => 'These two are joined already; load the page again.']);
            }
            $machines = Machine::query()->where('owner_id', $other->id)->get();
            $filled = [];
            foreach (self::FILLED as $field) {
                if ($kept->{$field} === '' && $other->{$field} !== '') {
                    $filled[$field] = $other->{$field};
                }
            }
            foreach ($machines as $machine) {
                $machine->update(['owner_id' => $kept->id]);
            }
            $other->update(['joined_into' => $kept->id]);
            $join = OwnerJoin::query()->create([
                'kept_id' => $kept->id,
                'other_id' => $other->id,
                'state' => 'joined',
                'moved' => array_values($machines->modelKeys()),
                'filled' => $filled,
                'user_id' => $by->id,
            ]);
            // The words that jobs are found by follow the owner, so they are renewed in any case.
            $kept->forceFill(['updated_at' => now()])->update($filled);

            return $join;
        });
    }

    /** As it was before; what came in since stays with the kept one. */
    public static function takeBack(OwnerJoin $join): void
    {
        DB::transaction(function () use ($join): void {
            $mine = OwnerJoin::query()
                ->whereKey($join->id)
                ->where('state', 'joined')
                ->update(['state' => 'taken-back']);
            if ($mine === 0) {
                throw ValidationException::withMessages(['join' => 'This was taken back already; load the page again.']);
            }
            $back = Machine::query()->whereIn('id', $join->moved)->where('owner_id', $join->kept_id)->get();
            foreach ($back as $machine) {
                $machine->update(['owner_id' => $join->other_id]);
            }
            // What was filled in is taken out again, unless somebody has changed it since.
            $out = array_filter(
                $join->filled,
                fn (string $value, string $field): bool => $join->kept->{$field} === $value,
                ARRAY_FILTER_USE_BOTH,
            );
            $join->kept->forceFill(['updated_at' => now()])->update(array_map(fn (): string => '', $out));
            $join->other->forceFill(['updated_at' => now()])->update(['joined_into' => null]);
        });
    }

    /** Somebody looked: they are two. */
    public static function apart(Owner $one, Owner $other, User $by): void
    {
        OwnerJoin::query()->create([
            'kept_id' => $one->id,
            'other_id' => $other->id,
            'state' => 'apart',
            'moved' => [],
            'filled' => [],
            'user_id' => $by->id,
        ]);
    }

    /**
     * Pairs that may be one person: the same telephone or mail, or the same name where one of them has neither.
     *
     * @return list<array{Owner, Owner}> the older one first
     */
    public static function offered(): array
    {
        $looked = OwnerJoin::query()
            ->where('state', 'apart')
            ->get(['kept_id', 'other_id'])
            ->map(fn (OwnerJoin $one): string => min($one->kept_id, $one->other_id).' '.max($one->kept_id, $one->other_id))
            ->flip();
        $pairs = [];
        foreach (self::alike() as $ids) {
            foreach (array_slice($ids, 1) as $other) {
                $pair = "{$ids[0]} {$other}";
                if (! isset($looked[$pair]) && count($pairs) < self::MOST) {
                    $pairs[$pair] = [$ids[0], $other];
                }
            }
        }
        $owners = Owner::query()->whereIn('id', array_merge([], ...array_values($pairs)))->get()->keyBy('id');
        $offered = [];
        foreach ($pairs as [$one, $other]) {
            [$first, $second] = [$owners->get($one), $owners->get($other)];
            if ($first !== null && $second !== null && self::mayBeOne($first, $second)) {
                $offered[] = [$first, $second];
            }
        }

        return $offered;
    }

    /** @return list<list<int>> ids of owners that share a telephone, a mail or a name, the oldest first */
    private static function alike(): array
    {
        $groups = [];
        foreach (
            ['phone_key' => 'length(phone_key) >= 6', 'lower(email)' => "email <> ''", 'lower(name)' => "name <> ''"] as $key => $where
        ) {
            $found = Owner::query()
                ->whereNull('joined_into')
                ->where('name', '!=', EraseOwner::ERASED)
                ->whereRaw($where)
                ->groupByRaw($key)
                ->havingRaw('count(*) > 1')
                ->selectRaw((DB::getDriverName() === 'pgsql' ? "string_agg(id::text, ',')" : 'group_concat(id)').' as ids')
                ->limit(10 * self::MOST)
                ->pluck('ids');
            foreach ($found as $ids) {
                $of = array_map(intval(...), explode(',', (string) $ids));
                sort($of);
                $groups[] = $of;
            }
        }

        return $groups;
    }

    /** Of the same name alone only where one of them can be reached by nothing. */
    private static function mayBeOne(Owner $one, Owner $other): bool
    {
        $isBare = fn (Owner $owner): bool => $owner->phone === '' && $owner->email === '';

        return $isBare($one)
            || $isBare($other)
            || ($one->phone_key !== '' && $one->phone_key === $other->phone_key)
            || ($one->email !== '' && mb_strtolower($one->email) === mb_strtolower($other->email));
    }
}
