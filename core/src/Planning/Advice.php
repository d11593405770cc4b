<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Bench\JobState;

/** Ranked next steps, and whether to go on or decide. */
final readonly class Advice
{
    /** Share of what a step saves by which another of its kind may save less and be like it. Origin: judgement. */
    private const LIKE = 0.2;

    /**
     * @param  list<NextStep>  $steps     worth most first; locked ones last
     * @param  JobState  $state     Find, Repair, Confirm, Prove or Locked
     * @param  string  $why       one sentence
     * @param  float  $remaining expected bench minutes until repaired, if repaired by likelihood from here
     * @param  ?Repair  $repair    the repair that would come first; null where none is likely enough
     * @param  float  $repairProbability that this repair is needed
     * @param  float  $repairStated the same as it is said: as surely as its part is
     * @param  bool  $left it runs here, and nothing is likely enough to be repaired: the owner is told so
     * @param  list<NextStep>  $foregone steps of which the record says already what they will show: they can be taken, and are not offered
     * @param  list<array{Repair, float}>  $repairs what may need doing, and how likely, likeliest first
     */
    public function __construct(
        public array $steps,
        public JobState $state,
        public string $why,
        public float $remaining,
        public ?Repair $repair,
        public float $repairProbability,
        public float $repairStated,
        public array $repairs,
        public array $foregone = [],
        public bool $left = false,
    ) {
    }

    /** @return list<NextStep> the steps that can be taken now, worth most first */
    public function open(): array
    {
        return array_values(array_filter($this->steps, static fn (NextStep $step): bool => $step->isOpen()));
    }

    /**
     * The same, one of those that are like each other: a trial of several sticks that little tells apart is one idea. The best of them
     * stands for it, and the next one does once that is made.
     *
     * @return list<NextStep>
     */
    public function ideas(): array
    {
        $ideas = $best = [];
        foreach ($this->open() as $step) {
            $of = $step->candidate->step->each === 'swapped' ? $step->candidate->id() : "{$step->candidate->step->id} {$step->minutes}";
            $isLike = isset($best[$of]) && $step->saves >= $best[$of] - self::LIKE * max(1.0, abs($best[$of]));
            $best[$of] ??= $step->saves;
            if (! $isLike) {
                $ideas[] = $step;
            }
        }

        return $ideas;
    }

    public function step(string $id): ?NextStep
    {
        foreach ([...$this->steps, ...$this->foregone] as $step) {
            if ($step->candidate->id() === $id) {
                return $step;
            }
        }

        return null;
    }
}
