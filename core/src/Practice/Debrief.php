<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Simulation\Play;

/** A practice machine that was answered, looked back at: what it was, what each deed told, and what was risked. */
final readonly class Debrief
{
    /** Points that asking the adviser once costs. Origin: judgement. */
    public const ASKING = 5;

    /** How much of all points the verdict is worth, against each belief that was stated on the way. Origin: judgement. */
    private const VERDICT_COUNTS = 3;

    /**
     * @param  list<string>  $truth   what was wrong, in words
     * @param  list<DebriefStep>  $steps
     * @param  list<string>  $words   what it teaches, in sentences
     * @param  float  $verdictPoints of the verdict alone, 100 at most
     * @param  int  $points  of all, 100 at most; may be below 0
     * @param  int  $minutes bench minutes until the verdict
     * @param  int  $repair  minutes that the repair and a start to see come to, on top
     */
    private function __construct(
        public array $truth,
        public bool $right,
        public array $steps,
        public array $words,
        public float $verdictPoints,
        public int $points,
        public int $minutes,
        public int $repair,
        public int $money,
    ) {
    }

    /** @param  int  $asked how often the adviser was asked */
    public static function of(Attempt $attempt, Verdict $verdict, int $asked, Catalogue $catalogue): self
    {
        $steps = (new LookingBack($attempt, $catalogue, new Adviser($catalogue, $attempt->machine(), $attempt->shelf())))->steps();
        $verdictPoints = Score::ofParts($verdict->suspects(), $attempt->puzzle->guilty(), $attempt->parts());

        return new self(
            truth: self::truth($attempt->puzzle, $catalogue),
            right: $verdict->isRight($attempt->puzzle),
            steps: $steps,
            words: DebriefWords::of(
                $steps,
                $verdict,
                $verdict->isRight($attempt->puzzle),
                array_map(fn (Part $part): string => $part->inSentence(), $attempt->machine()->parts),
            ),
            verdictPoints: $verdictPoints,
            points: self::points($steps, $verdictPoints, $asked),
            minutes: $attempt->minutes(),
            repair: (int) Play::bound(
                $catalogue,
                array_map(fn (array $fault): string => $catalogue->fault($fault['fault'])->usualRepair(), $attempt->puzzle->faults),
            ),
            money: $attempt->money(),
        );
    }

    public function told(): float
    {
        return array_sum(array_column($this->steps, 'bits'));
    }

    /** Minutes that were expected to be lost against what was best, over all deeds that were on a list. */
    public function lost(): int
    {
        return (int) round(array_sum(array_map(fn (DebriefStep $step): float => $step->lost ?? 0.0, $this->steps)));
    }

    /** @return list<RiskRun> */
    public function risks(): array
    {
        return array_merge(...array_column($this->steps, 'risks'), ...[[]]);
    }

    public function ranAGraveRisk(): bool
    {
        return array_filter($this->risks(), fn (RiskRun $risk): bool => $risk->grave) !== [];
    }

    /** @return list<string> */
    private static function truth(Puzzle $puzzle, Catalogue $catalogue): array
    {
        $machine = $puzzle->machine($catalogue);
        $truth = array_map(
            fn (array $fault): string => "{$machine->part($fault['part'])->name}: {$catalogue->fault($fault['fault'])->name}",
            $puzzle->faults,
        );
        foreach ($puzzle->badSpares as $part) {
            $truth[] = "The spare for {$machine->part($part)->inSentence()} was itself bad";
        }

        return $truth;
    }

    /** @param  list<DebriefStep>  $steps */
    private static function points(array $steps, float $verdict, int $asked): int
    {
        $stated = array_values(
            array_filter(
                [...array_column($steps, 'suspected'), ...array_column($steps, 'expected')],
                fn (?float $points): bool => $points !== null,
            ),
        );
        $all = [...$stated, ...array_fill(0, self::VERDICT_COUNTS, $verdict)];

        return (int) round(array_sum($all) / count($all)) - self::ASKING * $asked;
    }
}
