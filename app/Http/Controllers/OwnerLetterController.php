<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\AssessJob;
use Illuminate\Http\Response;
use Orthoscope\Core\Letter\LetterWriter;

/** The letter as its owner opens it, without an account. Before the job is closed it only says that work goes on. */
final class OwnerLetterController
{
    public function __invoke(string $token, AssessJob $assessJob, LetterWriter $writer): Response
    {
        $job = Job::byLetterToken($token) ?? abort(404);
        $assessment = $assessJob->assess($job->load('machine.owner'));
        $closed = $assessment->record->closing() !== null;

        return response()
            ->view('owner-letter', ['job' => $job, 'letter' => $closed ? $writer->write($assessment) : null])
            ->header('X-Robots-Tag', 'noindex')->header('Cache-Control', 'no-store, private');
    }
}
