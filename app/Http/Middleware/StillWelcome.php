<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * An installation without people leads to the page that sets the shop up. Who works here no more, or logged in with a password that has
 * been changed since, is logged out, wherever they are.
 */
final class StillWelcome
{
    private const SIGNED_WITH = 'signed_with';

    /** Remembers the password that somebody logged in with, by what is kept of it. */
    public static function sign(Request $request, User $user): void
    {
        $request->session()->regenerate();
        $request->session()->put(self::SIGNED_WITH, self::mark($user));
        $request->session()->put(AskWhoseHands::AT, now()->getTimestamp());
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var ?User $user */
        $user = Auth::user();
        if ($user === null) {
            $isSetUp = $request->routeIs('set-up', 'set-up.store');

            return ! $isSetUp && ! User::query()->exists() ? redirect()->route('set-up') : $next($request);
        }
        if ($user->ended_at !== null || $request->session()->get(self::SIGNED_WITH, self::mark($user)) !== self::mark($user)) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();

            return redirect()->route('login');
        }

        return $next($request);
    }

    private static function mark(User $user): string
    {
        return hash('sha256', "{$user->id} {$user->password}");
    }
}
