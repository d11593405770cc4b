<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Jobs\ParkJob;
use App\UseCases\Shop\ClaimBench;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Parks a job until a spare comes, and takes it up again. */
final class ParkController
{
    public function store(
        Request $request,
        Job $job,
        ParkJob $park,
        ClaimBench $benches,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['kind' => ['required', 'string', 'max:30']], ['kind.*' => 'Say which spare it waits for.']);
        $wanted = $park->until($job, $given['kind'], $user);
        $benches->leave($job);

        return redirect()->route('jobs.show', $job)->with('status', "Parked. {$wanted->words()} The job says so when one comes.");
    }

    public function destroy(Job $job, ParkJob $park): RedirectResponse
    {
        $park->takeUp($job);

        return redirect()->route('jobs.show', $job)->with('status', "{$job->tag} is taken up again.");
    }
}
