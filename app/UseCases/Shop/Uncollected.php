<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\CollectNotice;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Message;
use App\Models\Summary;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Bench\JobState;

/** A machine that is ready and was not fetched: since when, what was said to its owner, and what storage comes to. */
final readonly class Uncollected
{
    /**
     * @param  list<Message>  $said to its owner since it is ready
     * @param  list<CollectNotice>  $notices oldest first
     */
    private function __construct(public Job $job, public Carbon $since, public array $said, public array $notices, public int $storageDays)
    {
    }

    /** @return list<self> those that wait longest first */
    public static function all(): array
    {
        $jobs = Job::query()
            ->with(['machine.owner', 'messages'])
            ->whereIn('id', Summary::query()->where('waits_for', JobState::Collect)->select('job_id'))
            ->get();
        $all = array_map(self::of(...), array_values($jobs->all()));
        usort($all, fn (self $one, self $other): int => $one->since <=> $other->since);

        return $all;
    }

    public static function of(Job $job): self
    {
        $closing = Entry::query()->where('job_id', $job->id)->where('kind', 'closing')->orderByDesc('number')->first();
        $since = $closing->made_at ?? $job->created_at;

        return new self(
            $job,
            $since,
            array_values($job->messages->where('state', 'sent')->where('sent_at', '>=', $since)->all()),
            array_values(CollectNotice::query()->with('user')->where('job_id', $job->id)->orderBy('id')->get()->all()),
            StorageDue::days($job),
        );
    }
}
