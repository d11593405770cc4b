<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Light or dark, kept with the browser. */
final class ThemeController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $theme = $request->input('theme') === 'dark' ? 'dark' : 'light';

        return back()->withCookie(cookie('theme', $theme, 60 * 24 * 365));
    }
}
