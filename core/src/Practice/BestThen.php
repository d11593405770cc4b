<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Planning\NextStep;

/** What would have been worth most before a deed, and what the deed is expected to have lost against it. */
final readonly class BestThen
{
    /**
     * @param  ?string  $name null where the deed was it
     * @param  ?float  $bits what it was expected to tell; null where it was a repair or the deed itself
     * @param  ?float  $lost minutes; null where the deed was on no list
     */
    private function __construct(public ?string $name, public ?float $bits, public ?float $lost)
    {
    }

    public static function of(Entry $deed, Assessment $before): self
    {
        $best = self::best($before);
        $taken = self::taken($deed, $before);
        $lost = $best === null || $taken === null ? null : max(0.0, $best->saves - $taken->saves);
        $repair = $before->advice->state === JobState::Repair ? $before->advice->repair : null;
        if ($repair !== null) {
            return new self($deed instanceof ActDone && $deed->act === $repair->act->id ? null : $repair->name(), null, $lost);
        }
        if ($best === null || $best->candidate->id() === $taken?->candidate->id()) {
            return new self(null, null, $lost);
        }

        return new self($best->candidate->name(), $best->bits, $lost);
    }

    private static function best(Assessment $before): ?NextStep
    {
        foreach ($before->advice->steps as $step) {
            if ($step->isOpen()) {
                return $step;
            }
        }

        return null;
    }

    /** The step of the list that this deed was, if it was on it. */
    private static function taken(Entry $entry, Assessment $before): ?NextStep
    {
        foreach ([...$before->advice->steps, ...$before->advice->foregone] as $step) {
            $candidate = $step->candidate;
            $is = match (true) {
                $entry instanceof Start => $candidate->step->act === null && $candidate->setUp?->key() === $entry->setUp->key(),
                $entry instanceof Finding => $candidate->step->check === $entry->check
                    && ($entry->target === null || $candidate->target === null || $candidate->target->id === $entry->target),
                $entry instanceof ActDone => $candidate->step->act === $entry->act && array_intersect($candidate->on, $entry->on) !== [],
                default => false,
            };
            if ($is) {
                return $step;
            }
        }

        return null;
    }
}
