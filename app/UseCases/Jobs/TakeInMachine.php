<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\Owner;
use App\Models\User;
use App\UseCases\Owners\WriteToOwner;
use App\UseCases\Shop\PromiseNextWord;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Takes a machine in at the counter: owner, machine, job with its tag, and what was told and seen as an entry. */
final readonly class TakeInMachine
{
    public function __construct(private NewJob $newJob, private RecordEntries $recordEntries, private WriteToOwner $write)
    {
    }

    /**
     * @param  array{name: string, phone: string, email: string}  $owner
     * @param  array<string, mixed>  $madeOf the "machine" of a case file
     * @param  non-empty-list<array<string, mixed>>  $reports what was told and seen: entries, as in a case file
     * @param  ?string  $tag    a tag printed beforehand; made up if none is given
     * @param  array<string, mixed>  $agreed  with the owner
     * @param  ?Owner  $known   someone who was here before
     */
    public function takeIn(
        User $by,
        array $owner,
        array $madeOf,
        array $reports,
        ?string $tag = null,
        array $agreed = [],
        ?Owner $known = null,
    ): Job {
        return DB::transaction(function () use ($by, $owner, $madeOf, $reports, $tag, $agreed, $known): Job {
            $job = $this->newJob->make($by, $known ?? Owner::query()->create($owner), $madeOf, now(), $tag);
            $job->update(['agreed' => $agreed, 'next_word_at' => PromiseNextWord::for(self::notBefore($reports))]);
            $this->recordEntries->record($job, $by, $reports);
            $this->write->of($job, 'received');

            return $job;
        });
    }

    /**
     * Several of one owner in one go: all of them, or none.
     *
     * @param  array{name: string, phone: string, email: string}  $owner
     * @param  non-empty-list<array{array<string, mixed>, non-empty-list<array<string, mixed>>}>  $machines each with its reports
     * @param  array<string, mixed>  $agreed
     *
     * @return non-empty-list<Job>
     */
    public function takeInAll(User $by, array $owner, array $machines, array $agreed = [], ?Owner $known = null): array
    {
        return DB::transaction(function () use ($by, $owner, $machines, $agreed, $known): array {
            $jobs = [];
            foreach ($machines as [$madeOf, $reports]) {
                $jobs[] = $job = $this->takeIn($by, $owner, $madeOf, $reports, null, $agreed, $known);
                $known = $job->machine->owner;
            }

            return $jobs;
        });
    }

    /**
     * The machine of a call arrives: what it is made of is now seen, and what is told at the counter joins what was told before.
     *
     * @param  array{name: string, phone: string, email: string}  $owner
     * @param  array<string, mixed>  $madeOf
     * @param  non-empty-list<array<string, mixed>>  $reports
     * @param  array<string, mixed>  $agreed
     */
    public function arrive(Job $job, User $by, array $owner, array $madeOf, array $reports, array $agreed = [], ?Owner $known = null): void
    {
        DB::transaction(function () use ($job, $by, $owner, $madeOf, $reports, $agreed, $known): void {
            $job->holdForWriting();
            $known === null ? $job->machine->owner->update($owner) : $job->machine->owner()->associate($known);
            $job->machine->update(['model' => $madeOf['model'], 'made_of' => $madeOf]);
            $job->update(['arrived_at' => now(), 'agreed' => $agreed, 'next_word_at' => PromiseNextWord::for(self::notBefore($reports))]);
            $this->recordEntries->record($job, $by, $reports);
            $this->write->of($job->load('machine.owner'), 'received');
        });
    }

    /**
     * A machine with liquid in it dries first.
     *
     * @param  list<array<string, mixed>>  $reports
     */
    private static function notBefore(array $reports): ?Carbon
    {
        $marks = array_merge(...array_map(fn (array $report): array => $report['marks'] ?? [], $reports));

        return in_array('liquid', $marks, true) ? now()->addDay() : null;
    }
}
