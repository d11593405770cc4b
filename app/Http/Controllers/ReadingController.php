<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Reading;
use App\UseCases\Shop\ReceiveReading;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/**
 * Readings an instrument sent to the bench a job is on: pasted in here, or put aside. Taking one on the record is an entry like any other.
 */
final class ReadingController
{
    public function store(Request $request, Job $job, ReceiveReading $receive): RedirectResponse
    {
        $claim = $job->claim;
        if ($claim === null) {
            throw ValidationException::withMessages(['reading' => 'Take a bench for this job first; readings go to the bench.']);
        }
        try {
            $receive->at($claim->bench, $request->string('reading')->toString());
        } catch (InvalidArgumentException $mistake) {
            throw ValidationException::withMessages(['reading' => $mistake->getMessage()]);
        }

        return redirect()->route('jobs.show', $job)->with('status', 'The reading is here; take it on the record.');
    }

    public function destroy(Job $job, Reading $reading): RedirectResponse
    {
        abort_unless($job->claim?->bench === $reading->bench, 404);
        $reading->delete();

        return redirect()->route('jobs.show', $job)->with('status', 'The reading is put aside.');
    }
}
