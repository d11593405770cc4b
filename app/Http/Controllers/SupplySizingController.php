<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SupplySizingRequest;
use App\Models\Job;
use App\View\SupplyReading;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The parts added up against the supply, and the reading that follows from it, ready for the record. */
final class SupplySizingController
{
    public function __invoke(SupplySizingRequest $request, Job $job, Catalogue $catalogue): View
    {
        $sizing = $request->sizing();

        return view('supply', [
            'job' => $job->load('machine.owner'),
            'sizing' => $sizing,
            'fans' => $catalogue->draws()->fans,
            'wall' => $request->atTheWall(),
            'written' => $sizing === null ? null : SupplyReading::written($sizing),
            'once' => (string) Str::uuid(),
        ]);
    }
}
