<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnswerRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Jobs\HoldCall;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** An answer of the caller goes on the record. */
final class AnswerController
{
    public function __invoke(AnswerRequest $request, Job $job, HoldCall $calls, #[CurrentUser] User $user): RedirectResponse
    {
        $calls->answer($job, $user, $request->question(), $request->answer(), $request->remark(), $request->once());

        return redirect()->route('calls.show', $job);
    }
}
