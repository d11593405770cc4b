<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Carbon;

/** An owner was rung: what was said goes on the record, and the promise of the next word is renewed. */
final readonly class NextWordSaid
{
    public function __construct(private RecordEntries $recordEntries)
    {
    }

    public function rang(Job $job, User $by, string $said, ?Carbon $next, ?string $once): void
    {
        $words = "Rang {$job->machine->owner->name}".($said === '' ? '' : ": {$said}").'.';
        $text = rtrim(str_replace('..', '.', $words)).($next === null ? '' : " Next word by {$next->format('D j M, H:i')}.");
        $this->recordEntries->record($job, $by, [['kind' => 'note', 'text' => $text]], $once);
        $job->update(['next_word_at' => $next]);
    }
}
