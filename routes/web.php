<?php

declare(strict_types=1);

use App\Http\Controllers\CaseFileController;
use App\Http\Controllers\ClosingController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\OwnerLetterController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\TagController;
use App\Http\Controllers\ThemeController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/login', [SessionController::class, 'create'])->name('login');
    Route::post('/login', [SessionController::class, 'store'])->middleware('throttle:login');
});

// The owner's letter: no account, only an address nobody can guess.
Route::get('/letter/{token}', OwnerLetterController::class)->where('token', '[A-Za-z0-9]{40}')->middleware('throttle:letters')->name('owner.letter');

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [SessionController::class, 'destroy'])->name('logout');
    Route::post('/theme', ThemeController::class)->name('theme');
    Route::get('/', FloorController::class)->name('floor');
    Route::get('/find', FindController::class)->name('find');

    Route::middleware('can:take-in')->group(function (): void {
        Route::get('/counter', [IntakeController::class, 'create'])->name('intake.create');
        Route::post('/counter', [IntakeController::class, 'store'])->name('intake.store');
        Route::get('/jobs/{job}/tag', TagController::class)->name('jobs.tag');
        Route::get('/jobs/{job}/letter', LetterController::class)->name('jobs.letter');
    });

    Route::middleware('can:work-at-bench')->group(function (): void {
        Route::get('/jobs/{job}', JobController::class)->name('jobs.show');
        Route::post('/jobs/{job}/entries', EntryController::class)->name('entries.store');
        Route::get('/jobs/{job}/case.json', CaseFileController::class)->name('jobs.case');
        Route::get('/jobs/{job}/close', [ClosingController::class, 'create'])->name('closing.create');
        Route::post('/jobs/{job}/close', [ClosingController::class, 'store'])->name('closing.store');
        Route::get('/shelf', ShelfController::class)->name('shelf');
    });
});
