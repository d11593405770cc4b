<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Practice;
use App\UseCases\Shop\CoreVersion;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Practice\Attempt;
use Orthoscope\Core\Practice\CannotPlay;
use Orthoscope\Core\Practice\Debrief;
use Orthoscope\Core\Practice\Done;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\Rivals;
use Orthoscope\Core\Practice\Verdict;

/** Works on a practice machine: deeds, a word of the adviser, the verdict, and what is to be learned of it. */
final readonly class WorkAtPractice
{
    public function __construct(private Catalogue $catalogue, private CoreVersion $version, private Cache $kept, private Progress $progress)
    {
    }

    public function attempt(Practice $practice): Attempt
    {
        return Attempt::resume($practice->core(), $this->catalogue, $practice->done());
    }

    /**
     * @param  list<array<string, mixed>>  $deeds one after the other; what was guessed is of the last, all or none are done
     *
     * @throws CaseMistake when one cannot be understood
     * @throws CannotPlay when the machine cannot answer one
     */
    public function do(Practice $practice, array $deeds, ?Guess $guess): void
    {
        DB::transaction(function () use ($practice, $deeds, $guess): void {
            $practice = self::held($practice);
            if ($practice->isOver()) {
                throw CannotPlay::over();
            }
            $attempt = $this->attempt($practice);
            foreach ($deeds as $i => $deed) {
                $attempt->do($deed, $i === count($deeds) - 1 ? $guess : null);
            }
            $practice->update(['course' => array_map(fn (Done $done): array => $done->toArray(), $attempt->done)]);
        });
    }

    /** The adviser says what it thinks, until the next deed. */
    public function ask(Practice $practice): void
    {
        DB::transaction(function () use ($practice): void {
            $practice = self::held($practice);
            if ($practice->advice === Practice::ASKED && ! $practice->isOver() && ! $practice->showsAdvice()) {
                $practice->update(['asked' => $practice->asked + 1, 'asked_at' => count($practice->course)]);
            }
        });
    }

    /** "It is this". Said once. */
    public function answer(Practice $practice, Verdict $verdict): void
    {
        $attempt = $this->attempt($practice);
        $debrief = Debrief::of($attempt, $verdict, $practice->asked, $this->catalogue);
        $isSaid = DB::transaction(function () use ($practice, $verdict, $debrief): bool {
            $practice = self::held($practice);
            if ($practice->isOver()) {
                return false;
            }
            $practice->update([
                'verdict' => $verdict->toArray(),
                'right' => $debrief->right,
                'passed' => $practice->kind === Practice::TEST ? $debrief->right && ! $debrief->ranAGraveRisk() : null,
                'points' => $debrief->points,
                'minutes' => $debrief->minutes,
                'ended_at' => now(),
            ]);
            $this->progress->goesOn($practice);

            return true;
        });
        // What was said before stands, and so does its debrief.
        $isSaid && $this->kept->put($this->slot($practice->id), $debrief, now()->addMonth());
    }

    public function debrief(Practice $practice): Debrief
    {
        $verdict = $practice->said();
        assert($verdict !== null);

        return $this->kept->remember(
            $this->slot($practice->id),
            now()->addMonth(),
            fn (): Debrief => Debrief::of($this->attempt($practice), $verdict, $practice->asked, $this->catalogue),
        );
    }

    /** What others make of the same machine. It plays whole jobs, so it takes some seconds the first time. */
    public function rivals(Practice $practice): Rivals
    {
        return $this->kept->remember(
            'practice.rivals.'.$this->version->word().'.'.hash('xxh128', serialize($practice->puzzle)),
            now()->addMonth(),
            fn (): Rivals => Rivals::on($practice->core(), $this->catalogue),
        );
    }

    /** What the record supports after so many deeds; the report counts as the first. */
    public function assess(Attempt $attempt, ?int $deeds = null): Assessment
    {
        $record = $deeds === null ? $attempt->record() : $attempt->recordAfter($deeds);
        $now = $attempt->clock($deeds)->format(DATE_ATOM);
        $key = hash('xxh128', serialize([$attempt->puzzle->madeOf, $record, $now]));

        return $this->kept->remember(
            "practice.{$this->version->word()}.{$key}",
            now()->addDay(),
            fn (): Assessment => (new Adviser($this->catalogue, $attempt->machine(), $attempt->shelf()))->assess(
                $record,
                $now,
            ),
        );
    }

    private static function held(Practice $practice): Practice
    {
        return Practice::query()->lockForUpdate()->findOrFail($practice->id);
    }

    private function slot(int $practice): string
    {
        return "practice.debrief.{$this->version->word()}.{$practice}";
    }
}
