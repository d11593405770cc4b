<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The printed guide that goes out with a part by post. */
final class GuideController
{
    public function __invoke(Job $job, Catalogue $catalogue): View
    {
        $guide = $catalogue->guides[$job->call?->details['part'] ?? ''] ?? abort(404);

        return view('guide', ['job' => $job->load('machine.owner'), 'guide' => $guide, 'part' => $catalogue->part($guide->part)]);
    }
}
