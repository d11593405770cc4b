<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BeforeBuyingRequest;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** Will this go with that, asked before it is bought, and without a job. */
final class BeforeBuyingController
{
    public function __invoke(BeforeBuyingRequest $request, Catalogue $catalogue): View
    {
        return view('before-buying', [
            'kinds' => $request->kinds($catalogue),
            'kind' => $request->kind(),
            'rules' => $request->fitRules($catalogue),
            'names' => $catalogue->shelf->names,
            'machine' => $request->machineFacts(),
            'part' => $request->partFacts(),
            'answer' => $request->answer($catalogue),
        ]);
    }
}
