<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\CounterAsks;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** What is worth asking at the counter after what stands in the form so far: the piece of the page that asks it. */
final class CounterAskController
{
    public function __invoke(Request $request, Catalogue $catalogue): View
    {
        return view('counter-asks', ['asks' => CounterAsks::after($request->query(), $catalogue)]);
    }
}
