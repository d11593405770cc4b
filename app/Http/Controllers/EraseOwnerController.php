<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** On request of an owner, who they are is erased; the technical record of their machines stays. */
final class EraseOwnerController
{
    public function __invoke(Job $job): RedirectResponse
    {
        $job->machine->owner->update(['name' => 'erased on request', 'phone' => '', 'email' => '']);
        foreach (Job::query()->whereHas('machine', fn ($machine) => $machine->where('owner_id', $job->machine->owner_id))->get() as $each) {
            // Who says yes, and what came with it, may name someone.
            $each->update(['agreed' => array_intersect_key($each->agreed ?? [], ['limit' => 1])]);
        }

        return redirect()->route('jobs.tag', $job)->with('status', 'The owner is erased. The technical record stays.');
    }
}
