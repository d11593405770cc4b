<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\AssessJob;
use Illuminate\View\View;
use Orthoscope\Core\Letter\LetterWriter;

/** The letter to the owner, as the shop sees it: to read, print, and pass on its address. */
final class LetterController
{
    public function __invoke(Job $job, AssessJob $assessJob, LetterWriter $writer): View
    {
        $assessment = $assessJob->assess($job->load('machine.owner'));

        return view('letter', ['job' => $job, 'letter' => $writer->write($assessment), 'closed' => $assessment->record->closing() !== null, 'address' => route('owner.letter', $job->letter_token)]);
    }
}
