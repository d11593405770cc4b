<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** What each person has had on their screen of a job, so that what came since stands out. */
final class SeenEntries
{
    /** The last entry that was seen before now; null if the job was never opened. What is on the record now counts as seen from here on. */
    public static function open(User $user, Job $job, int $last): ?int
    {
        $mine = ['user_id' => $user->id, 'job_id' => $job->id];
        $before = DB::table('seen')->where($mine)->value('number');
        DB::table('seen')->upsert([[...$mine, 'number' => $last]], ['user_id', 'job_id'], ['number']);

        return $before === null ? null : (int) $before;
    }
}
