<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Practice;
use App\Models\PracticeBox;
use Illuminate\Support\Collection;
use Orthoscope\Core\Practice\Family;
use Orthoscope\Core\Practice\PuzzleDraw;

/** How far somebody is in one family. */
final readonly class FamilyProgress
{
    /**
     * @param  array<int, ?bool>  $grades grade => whether its machine was named; null = not tried
     * @param  ?int  $box    null = never practised
     * @param  ?int  $points mean of all machines of it
     */
    private function __construct(
        public Family $family,
        public array $grades,
        public bool $passed,
        public ?int $box,
        public bool $isDue,
        public ?string $due,
        public ?int $points,
    ) {
    }

    /** @param  Collection<int, Practice>  $ended */
    public static function of(Family $family, Collection $ended, ?PracticeBox $box): self
    {
        $grades = [];
        foreach (array_keys(PuzzleDraw::GRADES) as $grade) {
            $tried = $ended->where('kind', Practice::LESSON)->where('grade', $grade);
            $grades[$grade] = $tried->isEmpty() ? null : $tried->contains('right', true);
        }

        return new self(
            $family,
            $grades,
            $ended->contains('passed', true),
            $box?->box,
            $box !== null && $box->due <= today(),
            $box?->due->format('j M'),
            $ended->isEmpty() ? null : (int) round((float) $ended->avg('points')),
        );
    }

    /** All five machines were named, and the test was not passed yet. */
    public function testIsNext(): bool
    {
        return $this->next() === null && ! $this->passed;
    }

    /** The machine to take next: the first that was not named yet; null where only the test is left. */
    public function next(): ?int
    {
        foreach ($this->grades as $grade => $named) {
            if ($named !== true) {
                return $grade;
            }
        }

        return null;
    }
}
