<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Shop\ClaimBench;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Takes a bench for a job, and leaves it. */
final class ClaimController
{
    public function store(Request $request, Job $job, ClaimBench $claimBench, #[CurrentUser] User $user): RedirectResponse
    {
        $benches = shop()->benches;
        $given = $request->validate(
            ['bench' => ['required', 'integer', 'min:1', "max:{$benches}"]],
            ['bench.*' => "Choose a bench from 1 to {$benches}."],
        );
        $claimBench->claim($job, $user, (int) $given['bench']);

        return back()->with('status', "Bench {$given['bench']} is yours.");
    }

    public function destroy(Job $job, ClaimBench $claimBench): RedirectResponse
    {
        $claimBench->leave($job);

        return back()->with('status', 'The bench is free.');
    }
}
