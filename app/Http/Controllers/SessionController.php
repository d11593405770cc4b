<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\StillWelcome;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Logging in and out. */
final class SessionController
{
    public function create(): View
    {
        return view('login');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'max:255'], 'password' => ['required', 'string', 'max:255']],
            ['email.required' => 'Type your log-in name.', 'password.required' => 'Type your password.'],
        );
        if (! Auth::attempt([...$given, fn (Builder $people): Builder => $people->whereNull('ended_at')])) {
            throw ValidationException::withMessages([
                'email' => 'This log-in name and password do not belong together. Try again, or ask the lead.',
            ]);
        }
        /** @var User $user */
        $user = Auth::user();
        StillWelcome::sign($request, $user);

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }
}
