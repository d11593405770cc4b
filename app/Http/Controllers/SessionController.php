<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\StillWelcome;
use App\Models\SecondFactor;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Logging in and out. */
final class SessionController
{
    private const SECOND = 'second_of';

    /** Wrong codes until it waits. Origin: judgement. */
    private const TRIES = 5;

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
        if ($user->second_secret !== null) {
            // The password was right; nobody is in before the code is.
            Auth::logout();
            $request->session()->regenerate();
            $request->session()->put(self::SECOND, ['id' => $user->id, 'until' => now()->addMinutes(5)->getTimestamp()]);

            return redirect()->route('login.second');
        }
        StillWelcome::sign($request, $user);

        return redirect()->intended('/');
    }

    public function second(Request $request): View|RedirectResponse
    {
        return self::waiting($request) === null ? redirect()->route('login') : view('login-second');
    }

    public function storeSecond(Request $request): RedirectResponse
    {
        $given = $request->validate(['code' => ['required', 'string', 'max:20']], ['code.*' => 'Type the code.']);
        $user = self::waiting($request);
        if ($user === null) {
            return redirect()->route('login')->withErrors(['email' => 'That took too long; log in again.']);
        }
        $key = "second|{$user->id}";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['code' => 'Too many wrong codes. Wait ten minutes, or ask the lead.']);
        }
        if (! SecondFactor::takes($user, $given['code'])) {
            RateLimiter::hit($key, 600);
            throw ValidationException::withMessages(['code' => 'That is not the code of now, nor one of your printed codes.']);
        }
        RateLimiter::clear($key);
        $request->session()->forget(self::SECOND);
        Auth::login($user);
        StillWelcome::sign($request, $user);

        return redirect()->intended('/');
    }

    /** Whose password was right a moment ago. */
    private static function waiting(Request $request): ?User
    {
        $waits = (array) $request->session()->get(self::SECOND);

        return ($waits['until'] ?? 0) < now()->getTimestamp() ? null : User::query()->here()->whereKey($waits['id'] ?? 0)->first();
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }
}
