<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\AskWhoseHands;
use App\Models\Pin;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** One bench, several hands: a computer that stays at a bench, and who works at it now. */
final class HandsController
{
    /** Wrong tries at one person's PIN, and at all of one bench, until it waits; minutes of that wait. Origin: judgement. */
    private const TRIES = 5;

    private const TRIES_AT_BENCH = 20;

    private const MINUTES = 10;

    /** This computer stays at a bench from now on. */
    public function begin(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['bench' => ['required', 'integer', 'min:1', 'max:'.shop()->benches]],
            ['bench.*' => 'Say at which bench this computer stays.'],
        );
        $request->session()->put(AskWhoseHands::BENCH, (int) $given['bench']);
        $request->session()->put(AskWhoseHands::AT, now()->getTimestamp());

        return redirect()
            ->route('you')
            ->with('status', "This computer stays at bench {$given['bench']}. Whoever works there says so by badge or PIN.");
    }

    /** It stays at no bench any more: everybody logs in with their password. */
    public function end(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login')->with('status', 'This computer stays at no bench any more.');
    }

    public function show(Request $request): View|RedirectResponse
    {
        return ! $request->session()->has(AskWhoseHands::BENCH)
            ? redirect()->route('floor')
            : view('hands', [
                'bench' => $request->session()->get(AskWhoseHands::BENCH),
                'people' => User::query()->here()->whereNotNull('pin')->orderBy('name')->get(),
            ]);
    }

    /** Somebody leaves the bench, or was away from it for a while. */
    public function leave(Request $request): RedirectResponse
    {
        abort_unless($request->session()->has(AskWhoseHands::BENCH), 404);
        AskWhoseHands::leave($request);
        $request->session()->put('url.intended', url()->previous('/'));

        return redirect()->route('hands');
    }

    public function take(Request $request): RedirectResponse
    {
        abort_unless($request->session()->has(AskWhoseHands::BENCH), 404);
        $given = $request->validate([
            'badge' => ['nullable', 'string', 'max:60'],
            'person' => ['nullable', 'integer'],
            'pin' => ['nullable', 'string', 'max:10'],
        ]);
        $atBench = "hands-at|{$request->session()->get(AskWhoseHands::BENCH)}|{$request->ip()}";
        self::notTooOften($atBench, self::TRIES_AT_BENCH);
        $badge = (string) ($given['badge'] ?? '');
        $person = $badge !== '' ? Pin::byBadge($badge) : $this->byPin((int) ($given['person'] ?? 0), (string) ($given['pin'] ?? ''));
        if ($person === null) {
            RateLimiter::hit($atBench, 60 * self::MINUTES);
            throw ValidationException::withMessages(
                $badge !== '' ? ['badge' => 'This badge opens nothing. Scan another, or use your PIN.'] : ['pin' => 'That is not the PIN.'],
            );
        }
        AskWhoseHands::take($request, $person);

        return redirect()->intended('/');
    }

    private function byPin(int $id, string $pin): ?User
    {
        $person = User::query()->here()->find($id) ?? throw ValidationException::withMessages(['person' => 'Say who you are.']);
        $key = "pin|{$person->id}";
        self::notTooOften($key, self::TRIES);
        if (! Pin::is($person, $pin)) {
            RateLimiter::hit($key, 60 * self::MINUTES);

            return null;
        }
        RateLimiter::clear($key);

        return $person;
    }

    private static function notTooOften(string $key, int $tries): void
    {
        if (RateLimiter::tooManyAttempts($key, $tries)) {
            $minutes = (int) ceil(RateLimiter::availableIn($key) / 60);
            throw ValidationException::withMessages([
                'pin' => "Too many wrong tries. Wait {$minutes} ".($minutes === 1 ? 'minute' : 'minutes').', or log in with your password.',
            ]);
        }
    }
}
