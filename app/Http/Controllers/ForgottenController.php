<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Models\WayIn;
use App\Outside\NotSent;
use App\Outside\PlainMail;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** A password was forgotten: an address by mail where one is known, or a code that the lead reads out. */
final class ForgottenController
{
    private const TRIES = 5;

    private const MINUTES = 15;

    public function show(): View
    {
        return view('forgotten');
    }

    public function send(Request $request, PlainMail $mail): RedirectResponse
    {
        $given = $request->validate(['login' => ['required', 'string', 'max:80']], ['login.*' => 'Type your log-in name.']);
        $person = User::query()->here()->where('email', $given['login'])->first();
        $to = match (true) {
            $person === null => '',
            $person->mail !== '' => $person->mail,
            default => filter_var($person->email, FILTER_VALIDATE_EMAIL) === false ? '' : $person->email,
        };
        if ($person !== null && $to !== '' && shop()->sendsMail()) {
            try {
                $mail->send($to, 'Choose a new password', route('way-in', WayIn::open($person, $person)));
            } catch (NotSent) {
                // Said below as for everybody: who asks is told nothing of who works here.
            }
        }

        return redirect()
            ->route('forgotten')
            ->with('status', 'If a mail address is known for this name, a mail is on its way. Otherwise ask the lead for a code.');
    }

    /** The code that the lead reads out leads to where a password is chosen. */
    public function code(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:80'], 'code' => ['required', 'string', 'max:20']],
            ['name.*' => 'Type your log-in name.', 'code.*' => 'Type the code that the lead read out.'],
        );
        $key = 'way-code|'.strtolower($given['name']);
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['code' => 'Too many tries. Ask the lead for a new code in a quarter of an hour.']);
        }
        $token = WayIn::tokenOfCode($given['name'], $given['code']);
        if (WayIn::byToken($token) === null) {
            RateLimiter::hit($key, 60 * self::MINUTES);
            throw ValidationException::withMessages(['code' => 'This name and this code do not belong together, or the hour is over.']);
        }

        return redirect()->route('way-in', $token);
    }
}
