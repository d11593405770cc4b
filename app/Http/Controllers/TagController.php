<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\View\QrCode;
use Illuminate\View\View;

/** The tag that goes on a machine. */
final class TagController
{
    public function __invoke(Job $job): View
    {
        return view('tag', ['job' => $job->load('machine.owner'), 'qr' => QrCode::svg(route('jobs.show', $job))]);
    }
}
