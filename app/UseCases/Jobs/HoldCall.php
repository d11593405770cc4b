<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Call;
use App\Models\CallOutcome;
use App\Models\Job;
use App\Models\Owner;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Triage\Conversation;
use Orthoscope\Core\Triage\DeskMachine;

/** A conversation with someone who is with a machine: begun, answered, paused, ended. Every answer is an entry of the job's record. */
final readonly class HoldCall
{
    public function __construct(
        private Catalogue $catalogue,
        private NewJob $newJob,
        private RecordEntries $recordEntries,
        private AssessJob $assessJob,
    ) {
    }

    public function begin(User $by, string $name, string $phone, ?string $tag = null): Job
    {
        return DB::transaction(function () use ($by, $name, $phone, $tag): Job {
            $job = $this->newJob->make(
                $by,
                Owner::query()->create(['name' => $name, 'phone' => $phone, 'email' => '']),
                DeskMachine::MADE_OF,
                null,
                $tag,
            );
            Call::query()->create(['job_id' => $job->id, 'state' => Call::TALKING]);

            return $job->load(['machine.owner', 'call']);
        });
    }

    public function conversation(Job $job): Conversation
    {
        return Conversation::of($this->assessJob->machine($job), $this->assessJob->record($job), $this->catalogue);
    }

    /** An answer that was given before is struck out and kept; the new one takes its place. */
    public function answer(Job $job, User $by, string $question, string $answer, string $remark, ?string $once = null): void
    {
        $written = [];
        foreach ($this->assessJob->record($job)->all(Answer::class) as $before) {
            if ($before->question === $question) {
                $written[] = ['kind' => 'strike-out', 'entry' => $before->number, 'text' => 'answered otherwise since'];
            }
        }
        $written[] = array_filter(
            ['kind' => 'answer', 'question' => $question, 'answer' => $answer, 'text' => $remark],
            fn (string $word): bool => $word !== '',
        );
        $this->recordEntries->record($job, $by, $written, $once);
        $this->state($job, Call::TALKING);
    }

    public function pause(Job $job): void
    {
        $this->state($job, Call::PAUSED);
    }

    /** @param  array<string, string>  $details */
    public function end(Job $job, CallOutcome $outcome, array $details, ?Carbon $slot): void
    {
        $job->call?->update([
            'state' => Call::ENDED,
            'outcome' => $outcome,
            'details' => $details,
            'slot_at' => $slot,
            'ended_at' => now(),
        ]);
    }

    private function state(Job $job, string $state): void
    {
        if ($job->call !== null && ! $job->call->isOver()) {
            $job->call->update(['state' => $state]);
            $job->call->touch();
        }
    }
}
