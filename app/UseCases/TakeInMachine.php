<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Job;
use App\Models\Machine;
use App\Models\Owner;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes a machine in at the counter: owner, machine, job with its tag, and what was told and seen as the first entry. */
final readonly class TakeInMachine
{
    public function __construct(private TagMaker $tags, private RecordEntries $recordEntries)
    {
    }

    /**
     * @param  array{name: string, phone: string, email: string}  $owner
     * @param  array<string, mixed>  $madeOf the "machine" of a case file
     * @param  array<string, mixed>  $report the first entry, as in a case file
     * @param  ?string  $tag    a tag printed beforehand; made up if none is given
     */
    public function takeIn(User $by, array $owner, array $madeOf, array $report, ?string $tag = null): Job
    {
        return DB::transaction(function () use ($by, $owner, $madeOf, $report, $tag): Job {
            $machine = Machine::query()->create([
                'owner_id' => Owner::query()->create($owner)->id,
                'model' => $madeOf['model'],
                'made_of' => $madeOf,
            ]);
            $token = Str::random(40);
            $job = Job::query()->create([
                'tag' => $tag ?? $this->tags->make(),
                'machine_id' => $machine->id,
                'letter_token' => $token,
                'letter_token_hash' => hash('sha256', $token),
                'taken_in_by' => $by->id,
            ]);
            $this->recordEntries->record($job, $by, [['kind' => 'report', ...$report]]);

            return $job;
        });
    }
}
