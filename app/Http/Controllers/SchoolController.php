<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orthoscope\Core\Catalogue\Catalogue;

/** The order in which steps are shown: what is computed, or a school; kept with the browser. */
final class SchoolController
{
    public function __invoke(Request $request, Catalogue $catalogue): RedirectResponse
    {
        $school = $request->string('school')->toString();

        return back()->withCookie(cookie('school', isset($catalogue->schools[$school]) ? $school : '', 60 * 24 * 365));
    }
}
