<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\UseCases\Jobs\GuideFirstJob;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** A first job by the hand: a made-up machine in the demo shop that says what it does, up to the printed letter. */
final class FirstJobController
{
    public function begin(GuideFirstJob $guide, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless(shop()->isDemo(), 404);

        return redirect()->route('jobs.show', $guide->begin($user));
    }
}
