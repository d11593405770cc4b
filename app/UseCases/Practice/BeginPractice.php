<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Practice;
use App\Models\PracticeCase;
use App\Models\User;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Practice\Attempt;
use Orthoscope\Core\Practice\Done;
use Orthoscope\Core\Practice\Family;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleDraw;

/** Puts a practice machine before somebody. */
final readonly class BeginPractice
{
    private PuzzleDraw $draw;

    public function __construct(private Catalogue $catalogue)
    {
        $this->draw = new PuzzleDraw($catalogue);
    }

    /** Any machine, as they come in. */
    public function any(User $user, string $advice): Practice
    {
        $puzzle = $this->draw->any(self::fresh(), 'A machine of any kind');

        return $this->begin($user, ['kind' => Practice::ANY, 'advice' => $advice], $puzzle);
    }

    /** The machine of today: the same for everybody of the shop, and once for each. */
    public function ofToday(User $user, string $advice): Practice
    {
        $today = today()->format('Y-m-d');
        $begun = Practice::query()->whereBelongsTo($user)->where('kind', Practice::DAY)->whereDate('day', $today)->first();

        return $begun ?? $this->begin(
            $user,
            ['kind' => Practice::DAY, 'advice' => $advice, 'day' => $today],
            $this->draw->any("day {$today}", 'The machine of '.today()->format('j F')),
        );
    }

    /** One of the five graded machines of a family; the first time the same for everybody, then another each time. */
    public function lesson(User $user, Family $family, int $grade, string $advice): Practice
    {
        $times = Practice::query()
            ->whereBelongsTo($user)
            ->where(['kind' => Practice::LESSON, 'family' => $family->id, 'grade' => $grade])
            ->count();

        return $this->begin(
            $user,
            ['kind' => Practice::LESSON, 'advice' => $advice, 'family' => $family->id, 'grade' => $grade],
            $this->draw->of($family, $grade, "{$family->id} {$grade} {$times}", "{$family->name}, machine {$grade}"),
        );
    }

    /** A machine nobody has seen, with the adviser silent. */
    public function test(User $user, Family $family): Practice
    {
        return $this->begin(
            $user,
            ['kind' => Practice::TEST, 'advice' => Practice::SILENT, 'family' => $family->id, 'grade' => 3],
            $this->draw->of($family, 3, self::fresh(), "{$family->name}, test"),
        );
    }

    public function ofCase(User $user, PracticeCase $case, string $advice): Practice
    {
        return $this->begin($user, ['kind' => Practice::CASE, 'advice' => $advice, 'practice_case_id' => $case->id], $case->core());
    }

    /** @param  array<string, mixed>  $of */
    private function begin(User $user, array $of, Puzzle $puzzle): Practice
    {
        $attempt = Attempt::begin($puzzle, $this->catalogue);

        return Practice::query()->create([
            ...$of,
            'user_id' => $user->id,
            'puzzle' => $puzzle->toArray(),
            'course' => array_map(fn (Done $done): array => $done->toArray(), $attempt->done),
        ]);
    }

    private static function fresh(): string
    {
        return bin2hex(random_bytes(8));
    }
}
