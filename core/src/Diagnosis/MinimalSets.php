<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/**
 * Minimal diagnoses and minimal conflicts of a belief, after de Kleer & Williams, "Diagnosing Multiple Faults",
 * Artificial Intelligence 32 (1987): the smallest fault sets that explain all, and the smallest groups that cannot all
 * be sound. Each conflict meets every diagnosis and the other way round (minimal hitting sets).
 */
final class MinimalSets
{
    /** @return list<list<int>> */
    public static function diagnoses(Belief $belief): array
    {
        $possible = array_filter($belief->sets(), fn (array $set): bool => $set[1] > 0.0);

        return self::minimal(array_column($possible, 0));
    }

    /** @return list<list<int>> */
    public static function conflicts(Belief $belief): array
    {
        $hitting = [[]];
        foreach (self::diagnoses($belief) as $diagnosis) {
            $next = [];
            foreach ($hitting as $set) {
                if (array_intersect($set, $diagnosis) !== []) {
                    $next[] = $set;

                    continue;
                }
                foreach ($diagnosis as $fault) {
                    $next[] = [...$set, $fault];
                }
            }
            $hitting = self::minimal($next);
        }

        return $hitting;
    }

    /**
     * @param  array<int, list<int>>  $sets
     *
     * @return list<list<int>> those that hold no other, each sorted
     */
    private static function minimal(array $sets): array
    {
        foreach ($sets as &$set) {
            sort($set);
        }
        unset($set);
        usort($sets, fn (array $a, array $b): int => [count($a), $a] <=> [count($b), $b]);
        $minimal = [];
        foreach ($sets as $set) {
            foreach ($minimal as $smaller) {
                if (array_diff($smaller, $set) === []) {
                    continue 2;
                }
            }
            $minimal[] = $set;
        }

        return $minimal;
    }
}
