<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A computer that stays at a bench is logged in as the bench; whose hands are at it is asked again after a pause. A form that was filled in
 * before the pause is still taken for a while: it was that person's.
 */
final class AskWhoseHands
{
    public const BENCH = 'bench_computer';

    public const AT = 'hands_at';

    /** So many times the pause a form that was begun may still be sent. Origin: judgement. */
    private const FORM_HOLDS = 2;

    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->session();
        if (! $session->has(self::BENCH)) {
            return $next($request);
        }
        $idle = now()->getTimestamp() - (int) $session->get(self::AT, now()->getTimestamp());
        $allowed = 60 * shop()->handsMinutes * ($request->isMethod('get') ? 1 : self::FORM_HOLDS);
        if (Auth::check() && $idle > $allowed) {
            self::leave($request);
        }
        if (Auth::guest()) {
            if ($request->routeIs('hands', 'hands.take', 'hands.leave', 'bench-computer.end', 'shop.logo', 'login', 'login.*')) {
                return $next($request);
            }
            $request->isMethod('get') && $session->put('url.intended', $request->fullUrl());

            return redirect()->route('hands');
        }
        // What a page asks for by itself is nobody's hand.
        $request->headers->has('X-By-Itself') || $session->put(self::AT, now()->getTimestamp());

        return $next($request);
    }

    /** Nobody's hands are at it; the computer stays at its bench, under another id: a slow request brings nobody back. */
    public static function leave(Request $request): void
    {
        Auth::logout();
        $request->session()->migrate(true);
    }

    /** Somebody has said that it is they. */
    public static function take(Request $request, User $person): void
    {
        Auth::login($person);
        StillWelcome::sign($request, $person);
    }
}
