<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** A kind of spare that would settle a job and that nobody has: the job may be parked until one comes. */
final readonly class SpareWanted
{
    /**
     * Minutes a trial with it must be expected to save, or else it must tell more for its time than all that can be done. Origin:
     * judgement.
     */
    private const SAVES_FROM = 1.0;

    /** What it must tell at the least, in bits, where nothing saves time any more. Origin: judgement. */
    private const TELLS_FROM = 0.1;

    /**
     * @param  string  $kind  kind of part
     * @param  string  $part  the part it would stand in for, as said in a sentence
     * @param  string  $step  what would be done with it, in words
     * @param  float  $saves bench minutes it is expected to save
     */
    private function __construct(public string $kind, public string $part, public string $step, public float $saves)
    {
    }

    /** @return list<self> of each kind once, what saves most first */
    public static function in(Advice $advice): array
    {
        $open = $advice->open();
        $anySaves = array_filter($open, fn (NextStep $step): bool => $step->saves >= self::SAVES_FROM) !== [];
        $best = max([0.0, ...array_map(self::tells(...), $open)]);
        $wanted = [];
        foreach ($advice->steps as $step) {
            $target = $step->candidate->target;
            if (! $step->candidate->lacksSpare || $step->lockedBy !== [] || $target === null) {
                continue;
            }
            $settles = $step->saves >= self::SAVES_FROM || (! $anySaves && $step->bits >= self::TELLS_FROM && self::tells($step) > $best);
            if ($settles && $step->saves > ($wanted[$target->kind->id]->saves ?? -INF)) {
                $wanted[$target->kind->id] = new self($target->kind->id, $target->inSentence(), $step->candidate->name(), $step->saves);
            }
        }
        usort($wanted, fn (self $a, self $b): int => $b->saves <=> $a->saves);

        return $wanted;
    }

    public function words(): string
    {
        return $this->saves >= self::SAVES_FROM
            ? sprintf('%s would save about %d minutes here, and none is free.', $this->step, (int) round($this->saves))
            : "{$this->step} would tell more here than all that can be done now, and none is free.";
    }

    /** What a step tells for each minute. */
    private static function tells(NextStep $step): float
    {
        return $step->bits / max(1, $step->minutes);
    }
}
