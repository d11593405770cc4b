<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\StillWelcome;
use App\Models\WayIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rules\Password;
use Illuminate\View\View;

/** The address that lets somebody in once: they choose a password and are logged in. */
final class WayInController
{
    public function show(string $token): View
    {
        $way = WayIn::byToken($token);

        return view('way-in', ['person' => $way?->user, 'token' => $token]);
    }

    public function store(Request $request, string $token): RedirectResponse
    {
        $way = WayIn::byToken($token);
        if ($way === null) {
            return redirect()->route('way-in', $token);
        }
        $given = $request->validate(['password' => ['required', 'confirmed', Password::min(8)]], [
            'password.confirmed' => 'The two are not the same; type both again.',
            'password.*' => 'Choose a password of eight letters or more.',
        ]);
        // Taken once, however often it is sent.
        abort_if(WayIn::query()->whereKey($way->id)->whereNull('used_at')->update(['used_at' => now()]) === 0, 409);
        $way->user->update(['password' => $given['password']]);
        Auth::login($way->user);
        StillWelcome::sign($request, $way->user);

        return redirect()->route('floor')->with('status', "Welcome, {$way->user->name}. Your log-in name is {$way->user->email}.");
    }
}
