<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SupplySizingRequest;
use App\Models\Job;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Orthoscope\Core\Electrical\Sizing\SupplySizing;

/** The parts added up against the supply, and the reading that follows from it, ready for the record. */
final class SupplySizingController
{
    public function __invoke(SupplySizingRequest $request, Job $job): View
    {
        $sizing = $request->sizing();

        return view('supply', [
            'job' => $job->load('machine.owner'),
            'sizing' => $sizing,
            'wall' => $request->atTheWall(),
            'written' => $sizing === null ? null : self::reading($sizing),
            'once' => (string) Str::uuid(),
        ]);
    }

    /** The finding, as in a case file. */
    private static function reading(SupplySizing $sizing): string
    {
        return json_encode(
            [
                [
                    'kind' => 'finding',
                    'check' => 'supply-sum',
                    'result' => $sizing->tooSmall ? 'short' : 'enough',
                    'text' => implode(' ', $sizing->sentences),
                ],
            ],
            JSON_THROW_ON_ERROR,
        );
    }
}
