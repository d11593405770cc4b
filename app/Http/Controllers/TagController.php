<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\QrCode;
use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use Illuminate\View\View;
use Orthoscope\Core\Letter\Warning;

/** The tag that goes on a machine. */
final class TagController
{
    public function __invoke(Job $job, AssessJob $assessJob): View
    {
        return view('tag', [
            'job' => $job->load('machine.owner'),
            'warning' => $job->hasArrived() ? Warning::sentences($assessJob->assess($job)->locks) : [],
            'qr' => QrCode::svg(route('jobs.show', $job)),
        ]);
    }
}
