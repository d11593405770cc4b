<?php

declare(strict_types=1);

use App\Http\Controllers\AnswerController;
use App\Http\Controllers\ArrivalController;
use App\Http\Controllers\BookingController;
use App\Http\Controllers\CallController;
use App\Http\Controllers\CardIdentityController;
use App\Http\Controllers\CaseFileController;
use App\Http\Controllers\ClaimController;
use App\Http\Controllers\ClosingController;
use App\Http\Controllers\CodebookController;
use App\Http\Controllers\ContactController;
use App\Http\Controllers\CoverageController;
use App\Http\Controllers\DonorController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\EraseOwnerController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\LoanController;
use App\Http\Controllers\NewsController;
use App\Http\Controllers\NoticeController;
use App\Http\Controllers\OwnerLetterController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ReceiptController;
use App\Http\Controllers\SalvageController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SocketMapController;
use App\Http\Controllers\SpareController;
use App\Http\Controllers\SpareLabelController;
use App\Http\Controllers\StockController;
use App\Http\Controllers\SupplySizingController;
use App\Http\Controllers\TagController;
use App\Http\Controllers\ThemeController;
use App\Http\Middleware\MachineIsHere;
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
    Route::post('/school', SchoolController::class)->middleware('can:work-at-bench')->name('school');
    Route::get('/', FloorController::class)->name('floor');
    Route::get('/find', FindController::class)->name('find');

    Route::middleware('can:take-in')->group(function (): void {
        Route::get('/counter', [IntakeController::class, 'create'])->name('intake.create');
        Route::post('/counter', [IntakeController::class, 'store'])->name('intake.store');
        Route::get('/calls', [CallController::class, 'index'])->name('calls.index');
        Route::post('/calls', [CallController::class, 'store'])->name('calls.store');
        Route::get('/calls/{job}', [CallController::class, 'show'])->name('calls.show');
        Route::post('/calls/{job}/answers', AnswerController::class)->name('calls.answer');
        Route::post('/calls/{job}/caller', [CallController::class, 'update'])->name('calls.caller');
        Route::post('/calls/{job}/pause', [CallController::class, 'pause'])->name('calls.pause');
        Route::post('/calls/{job}/end', [CallController::class, 'end'])->name('calls.end');
        Route::get('/calls/{job}/visit.ics', BookingController::class)->name('calls.visit');
        Route::get('/calls/{job}/guide', GuideController::class)->name('calls.guide');
        Route::get('/calls/{job}/arrival', [ArrivalController::class, 'create'])->name('arrival.create');
        Route::post('/calls/{job}/arrival', [ArrivalController::class, 'store'])->name('arrival.store');
        Route::get('/jobs/{job}/photos', [PhotoController::class, 'index'])->name('photos.index');
        Route::post('/jobs/{job}/photos', [PhotoController::class, 'store'])->name('photos.store');
        Route::get('/photos/{photo}', [PhotoController::class, 'show'])->name('photos.show');
        Route::get('/jobs/{job}/receipt', ReceiptController::class)->name('jobs.receipt');
        Route::get('/jobs/{job}/tag', TagController::class)->name('jobs.tag');
        Route::get('/jobs/{job}/letter', LetterController::class)->name('jobs.letter');
    });

    Route::post('/jobs/{job}/owner/erase', EraseOwnerController::class)->middleware('can:lead')->name('owner.erase');

    Route::middleware(['can:work-at-bench', MachineIsHere::class])->group(function (): void {
        Route::get('/jobs/{job}', JobController::class)->name('jobs.show');
        Route::post('/jobs/{job}/entries', EntryController::class)->name('entries.store');
        Route::get('/jobs/{job}/case.json', CaseFileController::class)->name('jobs.case');
        Route::get('/jobs/{job}/close', [ClosingController::class, 'create'])->name('closing.create');
        Route::post('/jobs/{job}/close', [ClosingController::class, 'store'])->name('closing.store');
        Route::get('/jobs/{job}/news', NewsController::class)->name('jobs.news');
        Route::get('/jobs/{job}/supply', SupplySizingController::class)->name('jobs.supply');
        Route::get('/jobs/{job}/socket', SocketMapController::class)->name('jobs.socket');
        Route::get('/jobs/{job}/card', CardIdentityController::class)->name('jobs.card');
        Route::get('/jobs/{job}/papers', [PaperController::class, 'index'])->name('papers.index');
        Route::post('/jobs/{job}/papers', [PaperController::class, 'store'])->name('papers.store');
        Route::post('/jobs/{job}/bench', [ClaimController::class, 'store'])->name('bench.claim');
        Route::delete('/jobs/{job}/bench', [ClaimController::class, 'destroy'])->name('bench.leave');
        Route::post('/jobs/{job}/readings', [ReadingController::class, 'store'])->name('readings.store');
        Route::delete('/jobs/{job}/readings/{reading}', [ReadingController::class, 'destroy'])->name('readings.destroy');
        Route::get('/papers/{paper}', [PaperController::class, 'show'])->name('papers.show');
        Route::get('/codes', [CodebookController::class, 'index'])->name('codes');
        Route::post('/codes', [CodebookController::class, 'store'])->name('codes.store');
        Route::get('/codes.csv', [CodebookController::class, 'csv'])->name('codes.csv');
        Route::delete('/codes/{code}', [CodebookController::class, 'destroy'])->middleware('can:lead')->name('codes.destroy');
        Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
        Route::post('/shelf', [ShelfController::class, 'store'])->name('spares.store');
        Route::post('/shelf/import', [ShelfController::class, 'import'])->name('spares.import');
        Route::get('/shelf.csv', [ShelfController::class, 'csv'])->name('spares.csv');
        Route::get('/shelf/coverage', CoverageController::class)->name('coverage');
        Route::post('/shelf/stock', [StockController::class, 'store'])->name('stock.store');
        Route::post('/shelf/stock/{item}', [StockController::class, 'change'])->name('stock.change');
        Route::get('/spares/{spare}', [SpareController::class, 'show'])->name('spares.show');
        Route::get('/spares/{spare}/label', SpareLabelController::class)->name('spares.label');
        Route::post('/spares/{spare}/prove', [SpareController::class, 'prove'])->name('spares.prove');
        Route::post('/spares/{spare}/move', [SpareController::class, 'move'])->name('spares.move');
        Route::post('/spares/{spare}/reserve', [SpareController::class, 'reserve'])->name('spares.reserve');
        Route::post('/jobs/{job}/loans', [LoanController::class, 'store'])->name('loans.store');
        Route::post('/loans/{loan}/back', [LoanController::class, 'back'])->name('loans.back');
        Route::get('/jobs/{job}/donors/{part}', DonorController::class)->name('jobs.donors');
        Route::get('/jobs/{job}/contacts', [ContactController::class, 'show'])->name('contacts.show');
        Route::post('/jobs/{job}/contacts', [ContactController::class, 'store'])->name('contacts.store');
        Route::post('/jobs/{job}/salvage', SalvageController::class)->name('salvage');
        Route::post('/notices/{notice}/seen', NoticeController::class)->name('notices.seen');
    });
});
