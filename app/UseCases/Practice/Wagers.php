<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\User;
use App\Models\Wager;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Collection;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\Score;
use Orthoscope\Core\Statistics\Bootstrap;

/** What people think of real jobs before the adviser speaks, held against what was found, and against the adviser. */
final readonly class Wagers
{
    /** Guesses of one kind of part that it takes to say that people know better. Origin: judgement. */
    private const ENOUGH = 5;

    public function __construct(private AssessJob $assessJob)
    {
    }

    /** Whether somebody may still guess: there was a start to go by, the cause is open, and they have not guessed. */
    public function isOpen(Job $job, User $user, Assessment $assessment): bool
    {
        return $assessment->record->closing() === null
            && $assessment->record->all(Start::class) !== []
            && ! Wager::query()->whereBelongsTo($job)->whereBelongsTo($user)->exists();
    }

    /** @return list<string> parts that may be at fault; what lies outside the catalogue is none */
    public static function parts(Assessment $assessment): array
    {
        return array_values(array_map(strval(...), array_diff(array_keys($assessment->standings), ['outside'])));
    }

    public function note(Job $job, User $user, Guess $guess): void
    {
        $assessment = $this->assessJob->assess($job);
        $adviser = [];
        foreach (self::parts($assessment) as $part) {
            $standing = $assessment->standings[$part];
            $adviser[$part] = round(($standing->replaced ?? $standing)->probability, 4);
        }
        Wager::query()->createOrFirst(
            ['job_id' => $job->id, 'user_id' => $user->id],
            ['entries' => count($assessment->record->entries), 'suspects' => $guess->suspects, 'adviser' => $adviser],
        );
    }

    /** No guess this time: what comes after the advice was seen would be none. */
    public function pass(Job $job, User $user): void
    {
        Wager::query()->createOrFirst(['job_id' => $job->id, 'user_id' => $user->id], ['entries' => 0, 'suspects' => [], 'adviser' => []]);
    }

    /** @return list<WagerSettled> those of one person that are settled, newest first */
    public function settledOf(User $user): array
    {
        return $this->settled(Wager::query()->whereBelongsTo($user)->with('job')->orderByDesc('id')->get());
    }

    /** @param  list<WagerSettled>  $settled */
    public static function mean(array $settled, bool $ofAdviser): ?Bootstrap
    {
        $scores = array_map(fn (WagerSettled $one): float => $ofAdviser ? $one->adviser : $one->person, $settled);

        return $scores === [] ? null : Bootstrap::mean($scores);
    }

    /**
     * Kinds of part at which people were better than the adviser, by more than luck explains: there the catalogue may be wrong. Nobody is
     * named.
     *
     * @return list<array{part: string, guesses: int, better: Bootstrap}> by how much lower their Brier score was
     */
    public function whereThePeopleKnowBetter(): array
    {
        $better = [];
        foreach ($this->settled(Wager::query()->with('job')->get()) as $one) {
            $better[$one->part][] = $one->adviser - $one->person;
        }
        $places = [];
        foreach ($better as $part => $by) {
            $mean = Bootstrap::mean($by);
            if (count($by) >= self::ENOUGH && $mean->low > 0.0) {
                $places[] = ['part' => (string) $part, 'guesses' => count($by), 'better' => $mean];
            }
        }
        usort($places, fn (array $a, array $b): int => $b['better']->estimate <=> $a['better']->estimate);

        return $places;
    }

    /**
     * @param  Collection<int, Wager>  $wagers
     *
     * @return list<WagerSettled>
     */
    private function settled(Collection $wagers): array
    {
        $facts = JobFacts::query()->ofKnownCause()->whereIn('job_id', $wagers->pluck('job_id'))->get()->keyBy('job_id');
        $settled = [];
        foreach ($wagers as $wager) {
            $fact = $facts[$wager->job_id] ?? null;
            if ($fact === null || $wager->suspects === []) {
                continue;
            }
            $parts = array_map(strval(...), array_keys($wager->adviser));
            $guilty = $this->guilty($wager->job, $fact->cause_part, $parts);
            $settled[] = new WagerSettled(
                $wager,
                $fact->cause_part,
                Score::brierOfParts($wager->suspects, $guilty, $parts),
                Score::brierOfParts($wager->adviser, $guilty, $parts),
            );
        }

        return $settled;
    }

    /**
     * The facts of a job know the kind of part; where the machine has several, its record knows which.
     *
     * @param  list<string>  $parts
     *
     * @return list<string>
     */
    private function guilty(Job $job, string $kind, array $parts): array
    {
        $ofKind = array_values(array_filter($parts, fn (string $part): bool => $part === $kind || str_starts_with($part, "{$kind}-")));
        if (count($ofKind) < 2) {
            return $ofKind;
        }
        $named = array_map(fn (PartStanding $cause): string => $cause->part->id, $this->assessJob->assess($job)->causes());

        return array_values(array_intersect($named, $parts));
    }
}
