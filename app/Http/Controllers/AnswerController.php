<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnswerRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\HoldCall;
use Illuminate\Http\RedirectResponse;

/** An answer of the caller goes on the record. */
final class AnswerController
{
    public function __invoke(AnswerRequest $request, Job $job, HoldCall $calls): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $calls->answer($job, $user, $request->question(), $request->answer(), $request->remark(), $request->once());

        return redirect()->route('calls.show', $job);
    }
}
