<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Lending\ContactTrace;
use Orthoscope\Core\Lending\Exposure;
use Orthoscope\Core\Lending\Meeting;

/** Spares that met a machine since it could have done harm, and what those met later: traced, and put into quarantine. */
final readonly class TraceContacts
{
    public function __construct(private AssessJob $assessJob, private SpareBook $book, private Catalogue $catalogue)
    {
    }

    public function from(Job $job, Carbon $since): ContactTrace
    {
        // What is reached can only have been lent since then, or have been out at that time.
        $meetings = Loan::query()
            ->join('spares', 'spares.id', '=', 'loans.spare_id')
            ->join('jobs', 'jobs.id', '=', 'loans.job_id')
            ->where(fn ($query) => $query->whereNull('back_at')->orWhere('back_at', '>=', $since))
            ->toBase()
            ->get(['spares.tag as spare', 'jobs.tag as job', 'lent_at', 'back_at'])
            ->map(
                fn (object $row): Meeting => new Meeting(
                    $row->spare,
                    $row->job,
                    new DateTimeImmutable($row->lent_at),
                    $row->back_at === null ? null : new DateTimeImmutable($row->back_at),
                ),
            )
            ->all();

        return ContactTrace::from($job->tag, new DateTimeImmutable($since->toDateTimeString()), array_values($meetings));
    }

    /** Probability that the machine of a job destroys what is put into it. */
    public function harm(Job $job): float
    {
        return Exposure::harmOf($this->assessJob->assess($job), $this->catalogue->shelf);
    }

    /** @return array<string, float> spare => probability that it was ruined */
    public function ruined(ContactTrace $trace, float $harm): array
    {
        return Exposure::ruined(
            $trace,
            $harm,
            Spare::query()->whereIn('tag', array_keys($trace->spares))->pluck('kind', 'tag')->all(),
            $this->catalogue->shelf,
        );
    }

    /** @return int spares put into quarantine */
    public function quarantine(Job $job, Carbon $since, float $harm, string $reason, User $by): int
    {
        $trace = $this->from($job, $since);
        $ruined = array_filter($this->ruined($trace, $harm), fn (float $share): bool => $share > 0.0);
        DB::transaction(function () use ($ruined, $reason, $by, $job): void {
            foreach (Spare::query()->whereIn('tag', array_keys($ruined))->get() as $spare) {
                $this->book->expose($spare, $ruined[$spare->tag], "met {$job->tag}: {$reason}", $by, $job);
            }
        });

        return count($ruined);
    }
}
