<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
        if (! Auth::attempt($given)) {
            throw ValidationException::withMessages([
                'email' => 'This log-in name and password do not belong together. Try again, or ask the lead.',
            ]);
        }
        $request->session()->regenerate();

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
