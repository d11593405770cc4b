<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RangRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Jobs\NextWordSaid;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** An owner was rung, by whoever did it. */
final class RangController
{
    public function __invoke(RangRequest $request, Job $job, NextWordSaid $said, #[CurrentUser] User $user): RedirectResponse
    {
        $said->rang($job->load('machine.owner'), $user, $request->said(), $request->next(), $request->once());

        return back()->with(
            'status',
            "On the record of {$job->tag}.".($request->next() === null ? '' : " Next word by {$request->next()->format('D j M, H:i')}."),
        );
    }
}
