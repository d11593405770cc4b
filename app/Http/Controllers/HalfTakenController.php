<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HalfTaken;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A machine that is half taken in waits at the counter while the next person is served. */
final class HalfTakenController
{
    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $half = HalfTaken::put($request->except('_token', 'once', 'half', 'lshw'), $user);
        HalfTaken::query()->whereKey($request->integer('half'))->delete();

        return redirect()->route('intake.create')->with('status', "{$half->words()} waits. Go on with it below whenever you like.");
    }

    public function goOn(HalfTaken $half): RedirectResponse
    {
        return redirect()->route('intake.create')->withInput([...$half->typed, 'half' => (string) $half->id]);
    }

    public function destroy(HalfTaken $half): RedirectResponse
    {
        $words = $half->words();
        $half->delete();

        return redirect()->route('intake.create')->with('status', "{$words} is dropped.");
    }
}
