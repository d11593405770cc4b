<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SalvageRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Parts\SpareBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Good parts of a machine that is written off become spares, with what its trials say of them. */
final class SalvageController
{
    public function __invoke(SalvageRequest $request, Job $job, SpareBook $book, #[CurrentUser] User $user): RedirectResponse
    {
        $saved = [];
        foreach ($request->parts() as $part) {
            $spare = $book->add($part['spare'], $user, $job);
            if ($part['worked']) {
                $book->prove($spare, 'job', true, "worked in the trials of {$job->tag}: {$part['because']}", $user, $job);
            }
            $saved[] = $spare->tag;
        }

        return redirect()->route('shelf')->with('status', 'On the shelf: '.implode(', ', $saved).'.');
    }
}
