<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Why\LeftOut;
use Orthoscope\Core\Words\EntryWords;

/** The record beside the record in pencil. */
final readonly class PencilPage
{
    /** Entries named that would change most if they were mistaken. */
    private const TELLING = 3;

    /** Belief, 0 to 1, that one must move to be named. */
    private const MOVES = 0.02;

    private const ROWS = 9;

    /** Belief from which a part stands in the comparison. */
    private const SEEN = 0.01;

    public EntryWords $words;

    /**
     * @param  ?Assessment  $pencil null where nothing is thought away or pretended
     * @param  list<int>  $without entries thought away
     */
    public function __construct(
        public Assessment $assessment,
        public ?Assessment $pencil,
        public array $without,
        public string $step,
        public ?int $outcome,
        private LeftOut $left,
        private Catalogue $catalogue,
    ) {
        $this->words = new EntryWords($assessment->machine, $catalogue);
    }

    public function chain(): ChainDrawing
    {
        return ChainDrawing::of($this->pencil ?? $this->assessment, $this->catalogue);
    }

    /** @return list<array{part: PartStanding, now: int, then: int}> parts beside each other, likeliest in either first */
    public function beside(): array
    {
        $rows = [];
        foreach ($this->assessment->standings as $id => $standing) {
            $then = ($this->pencil ?? $this->assessment)->standings[$id] ?? $standing;
            $most = max($standing->stated, $then->stated);
            if ($most >= self::SEEN) {
                $rows[] = [$most, [
                    'part' => $then,
                    'now' => Percent::whole($standing->stated),
                    'then' => Percent::whole($then->stated),
                ]];
            }
        }
        usort($rows, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_slice(array_column($rows, 1), 0, self::ROWS);
    }

    /** @return list<Entry> entries that can be thought away, newest first */
    public function entries(): array
    {
        return array_reverse(array_values(array_filter(
            $this->assessment->record->inForce,
            fn (Entry $entry): bool => isset($this->left->without[$entry->number]),
        )));
    }

    /** @return list<NextStep> whose outcomes can be pretended */
    public function steps(): array
    {
        return array_slice(array_values(array_filter(
            $this->assessment->advice->steps,
            fn (NextStep $step): bool => $step->isOpen(),
        )), 0, 6);
    }

    /** @return list<array{entry: Entry, first: string, moved: int}> entries that, were they mistaken, would change most */
    public function telling(): array
    {
        $telling = [];
        $entries = array_column($this->entries(), null, 'number');
        foreach (array_filter($this->left->tellingMost(), fn (float $moved): bool => $moved >= self::MOVES) as $number => $moved) {
            if (isset($entries[$number])) {
                $telling[] = [
                    'entry' => $entries[$number],
                    'first' => $this->assessment->machine->part($this->left->without[$number]->first())->name,
                    'moved' => (int) round(100 * $moved),
                ];
            }
        }

        return array_slice($telling, 0, self::TELLING);
    }

    /** What comes next, in a line. */
    public static function next(Assessment $assessment): string
    {
        $advice = $assessment->advice;
        if ($advice->state === JobState::Repair && $advice->repair !== null) {
            return "Decide: {$advice->repair->name()}";
        }
        foreach ($advice->steps as $step) {
            if ($step->isOpen()) {
                return $step->candidate->name();
            }
        }

        return $advice->why;
    }
}
