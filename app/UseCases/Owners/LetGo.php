<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\BringIn;
use App\Models\Call;
use App\Models\HalfTaken;
use App\Models\Job;
use App\Models\KeepingRun;
use App\Models\Message;
use App\Models\Owner;
use App\Models\Photo;
use App\Models\Summary;
use App\UseCases\Shop\KeepPhoto;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/**
 * Lets go of what the shop keeps no longer, by kind and by its own rule. The technical record of machines stays, and so do invoices, which
 * the law wants kept: figures and patterns lose nothing.
 */
final class LetGo
{
    /** @var array<string, string> property of Shop that holds the months => what it is about; 0 months keeps it */
    public const KINDS = [
        'keepMessages' => 'Words that were sent to owners',
        'keepPhotos' => 'Photographs of machines that were fetched',
        'keepCalls' => 'Calls about machines that never came',
        'keepOwners' => 'Who owners are, after their last machine was fetched',
    ];

    /** Days after which a file that nobody brought in, and a machine half taken, are dropped. Origin: judgement. */
    private const HALF_DONE_DAYS = 30;

    private const AT_ONCE = 200;

    /** @return array<string, int> kind => how many would go now */
    public static function waiting(): array
    {
        $counts = [];
        foreach (array_keys(self::KINDS) as $kind) {
            $before = self::before($kind);
            $counts[$kind] = $before === null ? 0 : self::query($kind, $before)->count();
        }

        return $counts;
    }

    /** One night's work, with what came of it written down; what fails is told and tried again the next night. */
    public static function tonight(): KeepingRun
    {
        $counts = [];
        $error = '';
        foreach (array_keys(self::KINDS) as $kind) {
            try {
                $before = self::before($kind);
                $counts[$kind] = $before === null ? 0 : self::letGo($kind, $before);
            } catch (Throwable $failed) {
                report($failed);
                $error = mb_strimwidth(self::KINDS[$kind].': '.$failed->getMessage(), 0, 300, '…');
            }
        }
        $counts['halfDone'] = self::dropHalfDone();

        return KeepingRun::query()->create(['counts' => array_filter($counts), 'error' => $error, 'made_at' => now()]);
    }

    /** What is let go cannot be had again: after so long a pause somebody looks at the date first. */
    public static function waitANight(int $days): KeepingRun
    {
        $error = "{$days} days have passed since the last night: nothing was let go. Look whether the date of this machine is right; ".
            'what is over goes tomorrow night.';

        return KeepingRun::query()->create(['counts' => [], 'error' => $error, 'made_at' => now()]);
    }

    private static function before(string $kind): ?Carbon
    {
        $months = shop()->{$kind};

        return $months === 0 ? null : now()->subMonths($months);
    }

    /** @return Builder<Message>|Builder<Photo>|Builder<Call>|Builder<Owner> */
    private static function query(string $kind, Carbon $before): Builder
    {
        return match ($kind) {
            'keepMessages' => Message::query()->where('state', 'sent')->where('sent_at', '<', $before)->where('to', '!=', ''),
            'keepPhotos' => Photo::query()->whereIn('job_id', self::fetchedBefore($before)),
            'keepCalls' => Call::query()
                ->where('updated_at', '<', $before)
                ->whereHas('job', fn (Builder $job) => $job->whereNull('arrived_at'))
                ->whereHas('job.machine.owner', fn (Builder $owner) => $owner->where('name', '!=', EraseOwner::ERASED)),
            default => Owner::query()
                ->where('name', '!=', EraseOwner::ERASED)
                ->whereNull('joined_into')
                ->where('created_at', '<', $before)
                ->whereHas('machines')
                ->whereDoesntHave('machines.jobs', fn (Builder $job) => $job->whereNotIn('jobs.id', self::fetchedBefore($before))),
        };
    }

    private static function letGo(string $kind, Carbon $before): int
    {
        $gone = 0;
        do {
            $rows = self::query($kind, $before)->limit(self::AT_ONCE)->get();
            foreach ($rows as $row) {
                self::one($row);
            }
            $gone += $rows->count();
        } while ($rows->count() === self::AT_ONCE);

        return $gone;
    }

    private static function one(Model $row): void
    {
        match (true) {
            $row instanceof Message => $row->update(['to' => '', 'text' => 'let go by rule', 'error' => '']),
            $row instanceof Photo => self::dropPhoto($row),
            $row instanceof Call => EraseOwner::of($row->job->machine->owner),
            $row instanceof Owner => EraseOwner::of($row),
            default => null,
        };
    }

    /** The row goes last: a file that could not be deleted is found again the next night. */
    private static function dropPhoto(Photo $photo): void
    {
        Storage::delete([KeepPhoto::path($photo->file), KeepPhoto::path($photo->file, small: true)]);
        $photo->delete();
    }

    /** @return Builder<Job> ids of jobs whose machine was fetched before then, and has not come back */
    private static function fetchedBefore(Carbon $before): Builder
    {
        return Job::query()
            ->select('jobs.id')
            ->whereIn('jobs.id', Summary::query()->where('closed', true)->select('job_id'))
            ->whereIn(
                'jobs.id',
                DB::table('entries')->where('kind', 'collection')->where('made_at', '<', $before)->select('job_id'),
            );
    }

    private static function dropHalfDone(): int
    {
        $before = now()->subDays(self::HALF_DONE_DAYS);
        $files = BringIn::query()->whereNull('done_at')->where('created_at', '<', $before)->get();
        foreach ($files as $file) {
            Storage::delete($file->path());
            $file->delete();
        }

        return $files->count() + HalfTaken::query()->where('updated_at', '<', $before)->delete();
    }
}
