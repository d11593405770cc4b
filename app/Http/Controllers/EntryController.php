<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntryRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\RecordEntries;
use Illuminate\Http\RedirectResponse;
use Orthoscope\Core\Evidence\CaseMistake;

/** Puts entries on the record. */
final class EntryController
{
    public function __invoke(EntryRequest $request, Job $job, RecordEntries $recordEntries): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        try {
            $recordEntries->record($job, $user, $request->written(), $request->once());
        } catch (CaseMistake $mistake) {
            return redirect()->route('jobs.show', $job)->withInput()->withErrors([$request->fieldOf($mistake->path) => $mistake->sentence]);
        }

        return redirect()->route('jobs.show', $job)->with('status', 'On the record.');
    }
}
