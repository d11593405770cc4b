<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\UseCases\Advice\ShelfCoverage;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** What the shelf can prove, what it lacks, and what lies idle. */
final class CoverageController
{
    public function __invoke(ShelfCoverage $coverage, Catalogue $catalogue): View
    {
        return view('coverage', [
            'platforms' => $coverage->platforms(),
            'purchases' => $coverage->purchases(),
            'idle' => $coverage->idle(),
            'catalogue' => $catalogue,
        ]);
    }
}
