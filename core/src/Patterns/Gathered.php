<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

/** Patterns that rest on nearly the same jobs: one thing, seen from several sides. */
final readonly class Gathered
{
    /** Share of jobs in both, of those in either, from which two patterns are one thing. Origin: judgement. */
    private const SAME = 0.7;

    /** What says most stands first. */
    private const SAYS = ['fault' => 0, 'cause' => 1, 'comeback' => 2, 'dead' => 3, 'sign' => 4, 'stop' => 5];

    /** @param  list<Pattern>  $also the other sides of it */
    private function __construct(public Pattern $pattern, public array $also)
    {
    }

    /**
     * @param  list<Pattern>  $patterns most surprising first
     *
     * @return list<self> most surprising first
     */
    public static function of(array $patterns): array
    {
        $groups = [];
        foreach ($patterns as $pattern) {
            $same = array_filter($groups, fn (array $group): bool => self::overlap($group[0]->jobs, $pattern->jobs) >= self::SAME);
            $at = array_key_first($same) ?? count($groups);
            $groups[$at] = [...$groups[$at] ?? [], $pattern];
        }

        return array_values(array_map(self::lead(...), $groups));
    }

    /** @param  non-empty-list<Pattern>  $group */
    private static function lead(array $group): self
    {
        $first = $group[0];
        foreach ($group as $pattern) {
            // A model is narrower than its family.
            if ($first->attribute === 'family' && $pattern->attribute === 'model') {
                $first = $pattern;
            }
        }
        foreach ($group as $pattern) {
            if (
                $pattern->attribute === $first->attribute
                && $pattern->value === $first->value
                && self::says($pattern) < self::says($first)
            ) {
                $first = $pattern;
            }
        }

        return new self($first, array_values(array_filter($group, fn (Pattern $pattern): bool => $pattern !== $first)));
    }

    private static function says(Pattern $pattern): int
    {
        return self::SAYS[explode(':', $pattern->outcome)[0]] ?? count(self::SAYS);
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    private static function overlap(array $a, array $b): float
    {
        $both = count(array_intersect($a, $b));

        return $both / max(1, count($a) + count($b) - $both);
    }
}
