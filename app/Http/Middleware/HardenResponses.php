<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Nothing from elsewhere runs in our pages, nobody frames them, and addresses of letters do not leak. */
final class HardenResponses
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = self::harden($next($request));
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        // What somebody read while logged in is not shown again by the back button once they have gone.
        if (Auth::check() && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }

    public static function harden(Response $response): Response
    {
        $response->headers->set(
            'Content-Security-Policy',
            "default-src 'self'; img-src 'self' data:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'",
        );
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');

        return $response;
    }
}
