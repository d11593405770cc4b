<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Figure;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Lesson;
use App\Models\User;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Learning\LessonEffect;
use Orthoscope\Core\Learning\Shipped;
use Orthoscope\Core\Learning\ShopCounts;

/**
 * Proposes priors from the causes the shop has found, tries them on past jobs, and puts them in force or takes them back as the lead says.
 */
final readonly class Learn
{
    private const ASKED = 'lesson-asked';

    /** Closed jobs that are counted: the latest. */
    private const MOST = 20000;

    /** Jobs whose machines say what machines the shop gets: the latest. */
    private const LIKE = 200;

    /** Past jobs that are played again: the latest. */
    private const PLAYED = 25;

    public function __construct(private Catalogue $catalogue, private AssessJob $assessJob, private ShopBelief $belief)
    {
    }

    /** It takes up to a minute: the shop's clock does it, and nobody waits at a page. */
    public function ask(): void
    {
        if (JobFacts::query()->ofKnownCause()->doesntExist()) {
            throw ValidationException::withMessages(['refused' => 'No closed job says yet what it was. Close some first.']);
        }
        Figure::keep(self::ASKED, []);
    }

    /** When a proposal was asked for that is not there yet. */
    public static function askedAt(): ?Carbon
    {
        return Figure::query()->find(self::ASKED)?->made_at;
    }

    public static function wasAsked(): bool
    {
        return Figure::query()->whereKey(self::ASKED)->exists();
    }

    /** What the clock does where one was asked for; one that fails is not tried for ever. */
    public function workOutWhatWasAsked(): ?Lesson
    {
        if (! self::wasAsked()) {
            return null;
        }
        try {
            return $this->propose();
        } finally {
            Figure::query()->whereKey(self::ASKED)->delete();
        }
    }

    public function propose(): Lesson
    {
        $jobs = Job::query()
            ->with('machine')
            ->whereIn('id', JobFacts::query()->ofKnownCause()->orderByDesc('closed_at')->limit(self::LIKE)->select('job_id'))
            ->orderByDesc('id')
            ->get();
        $machines = array_values($jobs->map(fn (Job $job): Machine => $this->assessJob->machine($job))->all());
        if ($machines === []) {
            throw ValidationException::withMessages(['refused' => 'No closed job says yet what it was. Close some first.']);
        }
        $known = JobFacts::query()->ofKnownCause()->orderByDesc('closed_at');
        $causes = array_map(strval(...), array_values($known->limit(self::MOST)->pluck('cause_fault')->all()));
        $counts = ShopCounts::of(Shipped::of($this->catalogue, $machines), $causes);
        $jobs = $jobs->take(self::PLAYED);
        $causes = JobFacts::query()->whereIn('job_id', $jobs->modelKeys())->pluck('cause_fault', 'job_id');
        $played = $jobs->map(
            fn (Job $job): array => [
                'machine' => $this->assessJob->machine($job),
                'record' => $this->assessJob->record($job),
                'cause' => (string) $causes[$job->id],
            ],
        );
        $effect = LessonEffect::on(array_values($played->all()), $counts, $this->catalogue);

        return DB::transaction(function () use ($counts, $effect): Lesson {
            Lesson::query()->where('state', 'proposed')->delete();

            return Lesson::query()->create([
                'state' => 'proposed',
                'factors' => $counts->factors(),
                'counts' => array_slice($counts->rows(), 0, 40),
                'effect' => (array) $effect,
            ]);
        });
    }

    /** @param  string  $to "accepted", "frozen" (kept as it is, nothing newer is proposed) or "back" */
    public function decide(Lesson $lesson, string $to, User $by): void
    {
        DB::transaction(function () use ($lesson, $to, $by): void {
            if ($to === 'accepted') {
                Lesson::query()
                    ->where('state', 'accepted')
                    ->update(['state' => 'back']);
            }
            $lesson->update(['state' => $to, 'user_id' => $by->id]);
        });
        $this->belief->forget();
    }
}
