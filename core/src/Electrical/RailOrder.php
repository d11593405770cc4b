<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/**
 * Rails that come up one after the other: one that is up speaks for those before it, though nobody measured them. But each
 * plug may feed its own rail, so that holds only while every plug is in (common practice, no source).
 */
final readonly class RailOrder
{
    /**
     * @param  list<string>  $order rails, the first to come up first
     * @param  array<string, JudgedValue>  $judged those that were measured
     *
     * @return array<string, RailState> by rail, in order
     */
    public static function states(array $order, array $judged, bool $allPlugsIn): array
    {
        $states = [];
        $laterIsUp = false;
        foreach (array_reverse($order) as $rail) {
            $value = $judged[$rail] ?? null;
            $states[$rail] = match (true) {
                $value?->value !== null => $value->within() ? RailState::Up : RailState::Down,
                $laterIsUp && $allPlugsIn => RailState::TakenAsUp,
                default => RailState::Unknown,
            };
            $laterIsUp = $laterIsUp || $states[$rail] === RailState::Up;
        }

        return array_reverse($states);
    }
}
