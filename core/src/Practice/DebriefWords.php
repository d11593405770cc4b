<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

/** What a debrief teaches, in a few sentences: what told most, what told nothing, what pointed elsewhere, what was done for nothing. */
final class DebriefWords
{
    /** Bits under which a deed told next to nothing. Origin: judgement. */
    private const NOTHING = 0.05;

    /** Minutes from which a deed that told nothing is worth a word. Origin: judgement. */
    private const DEAR = 5;

    /** Minutes lost from which a better step is worth a word. Origin: judgement. */
    private const WORTH = 8.0;

    /**
     * @param  list<DebriefStep>  $steps
     * @param  array<string, string>  $names part => its name in a sentence
     *
     * @return list<string>
     */
    public static function of(array $steps, Verdict $verdict, bool $right, array $names): array
    {
        if ($steps === []) {
            return [
                $right
                    ? 'You named it by the owner’s words alone. Next time see it yourself first.'
                    : 'Nothing was tried. Start it once first.',
            ];
        }

        return array_values(array_filter([
            self::toldMost($steps),
            self::forNothing($steps),
            self::betterThen($steps),
            self::pointed($steps[count($steps) - 1], $verdict, $right, $names),
            self::early($steps, $right),
        ]));
    }

    /** @param  list<DebriefStep>  $steps */
    private static function toldMost(array $steps): ?string
    {
        $most = $steps[0];
        foreach ($steps as $step) {
            $most = $step->bits > $most->bits ? $step : $most;
        }

        return $most->bits < self::NOTHING
            ? null
            : 'Most was told by '.$most->named().': '.number_format($most->bits, 1).' bits in '.$most->minutes.' min.';
    }

    /** @param  list<DebriefStep>  $steps */
    private static function forNothing(array $steps): ?string
    {
        $isIdle = fn (DebriefStep $step): bool => $step->isTrial && $step->bits < self::NOTHING && $step->minutes >= self::DEAR;
        $idle = array_filter($steps, $isIdle);
        $minutes = array_sum(array_column($idle, 'minutes'));
        $named = array_map(fn (DebriefStep $step): string => $step->named(), array_slice(array_values($idle), 0, 3));

        return $idle === [] ? null : ucfirst(implode(', ', $named))." told next to nothing and took {$minutes} min.";
    }

    /** @param  list<DebriefStep>  $steps */
    private static function betterThen(array $steps): ?string
    {
        $worst = null;
        foreach ($steps as $step) {
            if (($step->lost ?? 0.0) >= self::WORTH && $step->lost > ($worst->lost ?? 0.0)) {
                $worst = $step;
            }
        }

        return $worst?->best === null
            ? null
            : "Instead of {$worst->named()} the adviser would have chosen “{$worst->best}”, and expected to save "
                .(int) round($worst->lost ?? 0.0).' min by it.';
    }

    /** @param  array<string, string>  $names */
    private static function pointed(DebriefStep $last, Verdict $verdict, bool $right, array $names): ?string
    {
        $first = array_key_first($last->belief);
        if ($first === null || ($right && in_array($first, $verdict->parts, true))) {
            return null;
        }
        $percent = (int) round(100 * $last->belief[$first]);
        $said = (int) round(100 * ($last->belief[$verdict->parts[0]] ?? 0.0));

        return $right
            ? "The record did not carry it yet: at the end {$names[$first]} stood first, at {$percent} %."
            : "At the end the record pointed to {$names[$first]} ({$percent} %), and to {$names[$verdict->parts[0]]} with {$said} %.";
    }

    /** @param  list<DebriefStep>  $steps */
    private static function early(array $steps, bool $right): ?string
    {
        $best = $steps[count($steps) - 1]->belief;

        return $right && $best !== [] && max($best) < 0.5
            ? 'Named right, and early: one deed more would have shown it to the owner too.'
            : null;
    }
}
