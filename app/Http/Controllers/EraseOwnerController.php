<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\Owners\EraseOwner;
use Illuminate\Http\RedirectResponse;

/** An owner asks to be forgotten. */
final class EraseOwnerController
{
    public function __invoke(Job $job): RedirectResponse
    {
        EraseOwner::of($job->machine->owner);

        return redirect()
            ->route('jobs.tag', $job)
            ->with('status', 'The owner is erased, what waited to be sent is dropped, and their addresses open no more. The record stays.');
    }
}
