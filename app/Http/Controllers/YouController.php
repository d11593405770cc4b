<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\QrCode;
use App\Http\Middleware\StillWelcome;
use App\Models\OneTimeCode;
use App\Models\Pin;
use App\Models\SecondFactor;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** What somebody sets for themselves: password, PIN, badge, second factor. */
final class YouController
{
    private const PENDING = 'second_pending';

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $pending = $request->session()->get(self::PENDING);
        $code = is_string($pending) ? new OneTimeCode(Crypt::decryptString($pending)) : null;

        return view('you', [
            'person' => $user,
            'pending' => $code,
            'picture' => $code === null ? null : QrCode::svg($code->address($user->email, shop()->name)),
        ]);
    }

    public function password(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        self::askPassword($request, $user, 'now');
        $given = $request->validate(
            ['password' => ['required', 'confirmed', Password::min(8)]],
            [
                'password.confirmed' => 'The two are not the same; type both again.',
                'password.*' => 'Choose a password of eight letters or more.',
            ],
        );
        $user->update(['password' => $given['password']]);
        StillWelcome::sign($request, $user);

        return redirect()->route('you')->with('status', 'Your password is changed. Everywhere else you are logged out.');
    }

    public function mail(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['mail' => ['nullable', 'email', 'max:160']], ['mail.*' => 'This is not a mail address.']);
        $user->update(['mail' => (string) ($given['mail'] ?? '')]);

        return redirect()->route('you')->with('status', 'Kept.');
    }

    public function pin(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        self::askPassword($request, $user, 'pin_password');
        $given = $request->validate(['pin' => ['nullable', 'string', 'regex:'.Pin::FORM]], ['pin.*' => 'A PIN has four digits.']);
        $pin = (string) ($given['pin'] ?? '');
        if ($pin !== '' && Pin::isEasy($pin)) {
            throw ValidationException::withMessages(['pin' => 'Four of a kind, or a row, is guessed first; choose another.']);
        }
        Pin::set($user, $pin === '' ? null : $pin);

        return redirect()->route('you')->with('status', $pin === '' ? 'You have no PIN any more.' : 'Your PIN is set.');
    }

    /** A second factor is begun: the telephone is shown its secret, and it counts once a code of it was typed. */
    public function beginSecond(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        self::askPassword($request, $user, 'second_password');
        $request->session()->put(self::PENDING, Crypt::encryptString(OneTimeCode::newSecret()));

        return redirect()->route('you');
    }

    public function confirmSecond(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $pending = $request->session()->get(self::PENDING);
        if (! is_string($pending)) {
            return redirect()->route('you');
        }
        $secret = Crypt::decryptString($pending);
        $typed = $request->string('code')->toString();
        if ((new OneTimeCode($secret))->counterOf($typed, 0, now()->getTimestamp()) === null) {
            throw ValidationException::withMessages(['code' => 'That is not the code the telephone shows now. Look at its clock.']);
        }
        $request->session()->forget(self::PENDING);

        return redirect()
            ->route('you')
            ->with('codes', SecondFactor::begin($user, $secret))
            ->with('status', 'From now on you are asked for a code when you log in.');
    }

    public function endSecond(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        self::askPassword($request, $user, 'second_password');
        SecondFactor::end($user);

        return redirect()->route('you')->with('status', 'You are asked for no code any more.');
    }

    private static function askPassword(Request $request, User $user, string $field): void
    {
        if (! Hash::check($request->string($field)->toString(), $user->password)) {
            throw ValidationException::withMessages([$field => 'That is not your password.']);
        }
    }
}
