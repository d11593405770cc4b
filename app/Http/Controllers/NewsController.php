<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Entry;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What others have put on a job's record since a page of it was drawn. Asked every few seconds, so it reads one row or two. */
final class NewsController
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $since = min(PHP_INT_MAX >> 32, max(0, $request->integer('since')));
        $new = Entry::query()
            ->where('job_id', $job->id)
            ->where('number', '>', $since)
            ->with('user:id,name')
            ->orderBy('number')
            ->limit(20)
            ->get();

        return response()->json([
            'last' => $new->last()->number ?? $since,
            'by' => $new->map(fn (Entry $entry): string => $entry->user->name)->unique()->values(),
        ]);
    }
}
