<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\AssessJob;
use App\UseCases\FreeShelf;
use App\View\JobPage;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The job at the bench. */
final class JobController
{
    public function __invoke(Job $job, AssessJob $assessJob, FreeShelf $shelf, Catalogue $catalogue): View
    {
        $job->load(['machine.owner', 'entries.user']);
        $assessment = $assessJob->assess($job);

        return view('job', ['job' => $job, 'page' => new JobPage($job, $assessment, $catalogue, $shelf->for($job))]);
    }
}
