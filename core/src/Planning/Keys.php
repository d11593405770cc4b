<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/**
 * Looks and readings that end a lock on something else. Such a step may tell nothing by itself and yet be worth its minutes: a supply
 * nobody suspects is measured so that a good card can be lent. What bars power comes before all weighing and is not asked here.
 */
final readonly class Keys
{
    /** @param  list<array{Candidate, list<ActiveLock>}>  $candidates every step that makes sense now, and what locks it */
    public function __construct(private array $candidates)
    {
    }

    /**
     * What ends all of these locks, the cheapest for each.
     *
     * @param  list<ActiveLock>  $locks
     *
     * @return list<Candidate> none where one of them ends by nothing that can be done now
     */
    public function to(array $locks): array
    {
        $keys = [];
        foreach ($locks as $lock) {
            $key = $this->cheapest($lock);
            if ($key === null) {
                return [];
            }
            in_array($key, $keys, true) || $keys[] = $key;
        }

        return $keys;
    }

    private function cheapest(ActiveLock $lock): ?Candidate
    {
        $cheapest = null;
        foreach ($this->candidates as [$candidate, $lockedBy]) {
            $fits = $lockedBy === [] && ! $candidate->lacksSpare && self::ends($candidate, $lock);
            if ($fits && ($cheapest === null || $candidate->minutes() < $cheapest->minutes())) {
                $cheapest = $candidate;
            }
        }

        return $cheapest;
    }

    private static function ends(Candidate $candidate, ActiveLock $lock): bool
    {
        $check = $candidate->step->check;

        return $check !== null
            && array_filter($lock->lock->cleared, static fn (string $word): bool => str_starts_with($word, "{$check}:")) !== [];
    }

    /**
     * Each key with the best that it opens.
     *
     * @param  list<Weighed>  $weighed
     *
     * @return list<Weighed> in the order given
     */
    public function weighedWithWhatTheyOpen(array $weighed): array
    {
        $opens = [];
        foreach ($weighed as $one) {
            $keys = $one->lockedBy === [] || $one->candidate->lacksSpare ? [] : $this->to($one->lockedBy);
            if ($keys === []) {
                continue;
            }
            $key = spl_object_id($keys[0]);
            $opening = new Opening($one, $keys);
            if (! isset($opens[$key]) || $opening->saves() > $opens[$key]->saves()) {
                $opens[$key] = $opening;
            }
        }

        return array_map(
            static fn (Weighed $one): Weighed => isset($opens[spl_object_id($one->candidate)])
                ? $one->opening($opens[spl_object_id($one->candidate)])
                : $one,
            $weighed,
        );
    }
}
