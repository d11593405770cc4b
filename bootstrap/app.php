<?php

declare(strict_types=1);

use App\Http\Middleware\AskWhoseHands;
use App\Http\Middleware\HardenResponses;
use App\Http\Middleware\OneValueEach;
use App\Http\Middleware\StillWelcome;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Evidence\CaseMistake;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(append: [HardenResponses::class, OneValueEach::class, StillWelcome::class, AskWhoseHands::class]);
        $middleware->redirectGuestsTo(
            fn (Request $request): string => $request->session()->has(AskWhoseHands::BENCH) ? '/hands' : '/login',
        );
        $middleware->redirectUsersTo('/');
        $middleware->encryptCookies(except: ['theme']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Where no form has a place of its own for it, what the record refuses is said at the head of the page it was sent from.
        $exceptions->map(
            CaseMistake::class,
            fn (CaseMistake $mistake): ValidationException => ValidationException::withMessages(['refused' => $mistake->sentence]),
        );
    })
    ->create();
