<?php

declare(strict_types=1);

use App\Http\Controllers\HealthController;
use App\Http\Middleware\AskWhoseHands;
use App\Http\Middleware\EndedSessionsStayEnded;
use App\Http\Middleware\HardenResponses;
use App\Http\Middleware\OneValueEach;
use App\Http\Middleware\ReadableText;
use App\Http\Middleware\StillWelcome;
use App\Http\Middleware\TakenOnce;
use App\Providers\WhatWentWrong;
use App\UseCases\Shop\NoRoom;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Evidence\CaseMistake;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', then: fn () => Route::get('/up', HealthController::class)->name('health'))
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(
            append: [
                HardenResponses::class,
                ReadableText::class,
                OneValueEach::class,
                StillWelcome::class,
                AskWhoseHands::class,
                TakenOnce::class,
            ],
            replace: [StartSession::class => EndedSessionsStayEnded::class],
        );
        $middleware->redirectGuestsTo(
            fn (Request $request): string => $request->session()->has(AskWhoseHands::BENCH) ? '/hands' : '/login',
        );
        $middleware->redirectUsersTo('/');
        $middleware->encryptCookies(except: ['theme']);
        // A proxy in front of the application is believed what it says of the address that was asked.
        $middleware->trustProxies(at: array_values(array_filter(explode(',', (string) env('TRUSTED_PROXIES', '')))));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Pages that say what went wrong are as hard as the others, also where no route was found.
        $exceptions->respond(fn (Response $response): Response => HardenResponses::harden($response));
        // What others or a full disk keep from being written is told as what it is, and nothing typed is lost.
        $exceptions->map(fn (NoRoom $full): Throwable => WhatWentWrong::noRoom($full));
        $exceptions->map(fn (PDOException $failed): Throwable => WhatWentWrong::withTheData($failed));
        // Where no form has a place of its own for it, what the record refuses is said at the head of the page it was sent from.
        $exceptions->map(
            CaseMistake::class,
            fn (CaseMistake $mistake): ValidationException => ValidationException::withMessages(['refused' => $mistake->sentence]),
        );
    })
    ->create();
