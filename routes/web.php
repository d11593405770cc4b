<?php

declare(strict_types=1);

use App\Http\Controllers\AnswerController;
use App\Http\Controllers\ArrivalController;
use App\Http\Controllers\BeforeBuyingController;
use App\Http\Controllers\BookCardController;
use App\Http\Controllers\BookController;
use App\Http\Controllers\BookingController;
use App\Http\Controllers\BooksController;
use App\Http\Controllers\BringInController;
use App\Http\Controllers\BulletinController;
use App\Http\Controllers\CallController;
use App\Http\Controllers\CardIdentityController;
use App\Http\Controllers\CaseFileController;
use App\Http\Controllers\ClaimController;
use App\Http\Controllers\ClosingController;
use App\Http\Controllers\CodebookController;
use App\Http\Controllers\CollectController;
use App\Http\Controllers\ComebackController;
use App\Http\Controllers\ContactController;
use App\Http\Controllers\CounterAskController;
use App\Http\Controllers\CoverageController;
use App\Http\Controllers\DecideController;
use App\Http\Controllers\DiaryController;
use App\Http\Controllers\DonorController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\EraseOwnerController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FirstJobController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\ForgottenController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HalfTakenController;
use App\Http\Controllers\HandOrderController;
use App\Http\Controllers\HandsController;
use App\Http\Controllers\HowWellController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\InvoiceController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JoinOwnersController;
use App\Http\Controllers\KeepingController;
use App\Http\Controllers\LessonController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\LoanController;
use App\Http\Controllers\MachineController;
use App\Http\Controllers\MarginController;
use App\Http\Controllers\MessageController;
use App\Http\Controllers\NewsController;
use App\Http\Controllers\NoticeController;
use App\Http\Controllers\NumbersController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\OwnerArchiveController;
use App\Http\Controllers\OwnerLetterController;
use App\Http\Controllers\OwnerQuoteController;
use App\Http\Controllers\OwnMachineController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\ParkController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PracticeBenchController;
use App\Http\Controllers\PracticeCaseController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PracticeLessonController;
use App\Http\Controllers\ProveController;
use App\Http\Controllers\QuoteController;
use App\Http\Controllers\RangController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ReceiptController;
use App\Http\Controllers\ResultCardController;
use App\Http\Controllers\SalvageController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SetUpController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShiftController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\SocketMapController;
use App\Http\Controllers\SpareController;
use App\Http\Controllers\SpareLabelController;
use App\Http\Controllers\StandController;
use App\Http\Controllers\StockController;
use App\Http\Controllers\SupplierClaimController;
use App\Http\Controllers\SuppliersController;
use App\Http\Controllers\SupplySizingController;
use App\Http\Controllers\TagController;
use App\Http\Controllers\TextsController;
use App\Http\Controllers\ThemeController;
use App\Http\Controllers\TourController;
use App\Http\Controllers\UncollectedController;
use App\Http\Controllers\WagerController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\WayInController;
use App\Http\Controllers\WhatIfController;
use App\Http\Controllers\WhyController;
use App\Http\Controllers\YouController;
use App\Http\Middleware\JobIsOpen;
use App\Http\Middleware\MachineIsHere;
use Illuminate\Support\Facades\Route;

// An empty installation is set up once; somebody who is invited chooses a password once.
Route::get('/set-up', [SetUpController::class, 'show'])->name('set-up');
Route::post('/set-up', [SetUpController::class, 'store'])->middleware('throttle:quotes')->name('set-up.store');
Route::get('/way-in/{token}', [WayInController::class, 'show'])->middleware('throttle:quotes')->name('way-in');
Route::post('/way-in/{token}', [WayInController::class, 'store'])->middleware('throttle:quotes')->name('way-in.store');

// A computer that stays at a bench: whose hands are at it.
Route::get('/hands', [HandsController::class, 'show'])->name('hands');
Route::post('/hands', [HandsController::class, 'take'])->middleware('throttle:quotes')->name('hands.take');
Route::post('/hands/leave', [HandsController::class, 'leave'])->name('hands.leave');
Route::post('/bench-computer/end', [HandsController::class, 'end'])->name('bench-computer.end');

Route::middleware('guest')->group(function (): void {
    Route::get('/login', [SessionController::class, 'create'])->name('login');
    Route::post('/login', [SessionController::class, 'store'])->middleware('throttle:login');
    Route::get('/login/code', [SessionController::class, 'second'])->name('login.second');
    Route::post('/login/code', [SessionController::class, 'storeSecond'])->middleware('throttle:quotes')->name('login.second.store');
    Route::get('/forgotten', [ForgottenController::class, 'show'])->name('forgotten');
    Route::post('/forgotten', [ForgottenController::class, 'send'])->middleware('throttle:forgotten')->name('forgotten.send');
    Route::post('/forgotten/code', [ForgottenController::class, 'code'])->middleware('throttle:quotes')->name('forgotten.code');
});

// What letters show of the shop, to whoever reads one.
Route::get('/shop/logo.png', [ShopController::class, 'logo'])->middleware('throttle:letters')->name('shop.logo');
// The owner's letter: no account, only an address nobody can guess.
Route::middleware('throttle:letters')->where(['token' => '[A-Za-z0-9]{40}'])->group(function (): void {
    Route::get('/letter/{token}', [OwnerLetterController::class, 'show'])->name('owner.letter');
    Route::get('/letter/{token}/what-happened', [OwnerLetterController::class, 'happened'])->name('owner.happened');
    Route::get('/letter/{token}/letter.pdf', [OwnerLetterController::class, 'pdf'])->name('owner.pdf');
});
// Promised dates for a calendar program, which cannot log in: the address is signed.
Route::get('/diary.ics', [DiaryController::class, 'feed'])->middleware(['signed', 'throttle:letters'])->name('diary.feed');
// The quote, which its owner answers once.
Route::middleware('throttle:quotes')->where(['token' => '[A-Za-z0-9]{40}'])->group(function (): void {
    Route::get('/quote/{token}', [OwnerQuoteController::class, 'show'])->name('quote.show');
    Route::post('/quote/{token}', [OwnerQuoteController::class, 'store'])->name('quote.answer');
});

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [SessionController::class, 'destroy'])->name('logout');
    Route::get('/you', [YouController::class, 'show'])->name('you');
    Route::post('/you/password', [YouController::class, 'password'])->middleware('throttle:quotes')->name('you.password');
    Route::post('/you/mail', [YouController::class, 'mail'])->name('you.mail');
    Route::post('/you/pin', [YouController::class, 'pin'])->middleware('throttle:quotes')->name('you.pin');
    Route::post('/you/second', [YouController::class, 'beginSecond'])->middleware('throttle:quotes')->name('you.second');
    Route::post('/you/second/confirm', [YouController::class, 'confirmSecond'])->middleware('throttle:quotes')->name('you.second.confirm');
    Route::delete('/you/second', [YouController::class, 'endSecond'])->middleware('throttle:quotes')->name('you.second.end');
    Route::post('/bench-computer', [HandsController::class, 'begin'])->middleware('can:work-at-bench')->name('bench-computer');
    Route::post('/tour', [TourController::class, 'taken'])->middleware('can:work-at-bench')->name('tour.taken');
    Route::post('/first-job', [FirstJobController::class, 'begin'])->middleware('can:work-at-bench')->name('first-job');
    Route::post('/theme', ThemeController::class)->name('theme');
    Route::post('/school', SchoolController::class)->middleware('can:work-at-bench')->name('school');
    // The handbook, and what the shop writes in its margins.
    Route::get('/book', [BookController::class, 'index'])->name('book');
    Route::get('/book/asked', [BookController::class, 'asked'])->middleware('can:lead')->name('book.asked');
    Route::get('/book/cards', [BookCardController::class, 'index'])->middleware('can:work-at-bench')->name('book.cards');
    Route::get('/book/trees/{reached}', [BookCardController::class, 'tree'])
        ->middleware('can:work-at-bench')
        ->where('reached', 'nothing|dark')
        ->name('book.tree');
    Route::get('/book/cards.pdf', [BookCardController::class, 'set'])->middleware('can:work-at-bench')->name('book.cards.pdf');
    Route::get('/book/{kind}/{id}/card.pdf', [BookCardController::class, 'card'])
        ->where(['kind' => '[a-z]+', 'id' => '[A-Za-z0-9_-]+'])
        ->name('book.card');
    Route::get('/book/model/{model}', [BookController::class, 'model'])->where('model', '.{1,80}')->name('book.model');
    Route::get('/book/notes/{note}/photo', [MarginController::class, 'photo'])->whereNumber('note')->name('margin.photo');
    Route::get('/book/{kind}/{id}', [BookController::class, 'page'])
        ->where(['kind' => '[a-z]+', 'id' => '[A-Za-z0-9_-]+'])
        ->name('book.page');
    Route::middleware('can:work-at-bench')->group(function (): void {
        Route::post('/book/{kind}/{id}/notes', [MarginController::class, 'store'])
            ->where(['kind' => '[a-z]+', 'id' => '[A-Za-z0-9_-]+'])
            ->name('margin.store');
        Route::delete('/book/notes/{note}', [MarginController::class, 'destroy'])->whereNumber('note')->name('margin.destroy');
    });
    Route::post('/book/notes/{note}/answer', [MarginController::class, 'answer'])
        ->middleware('can:lead')
        ->whereNumber('note')
        ->name('margin.answer');
    // The practice room: machines that are made up, and nothing of them in any list of the shop.
    Route::middleware('can:work-at-bench')->group(function (): void {
        Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
        Route::post('/practice', [PracticeController::class, 'begin'])->name('practice.begin');
        Route::get('/practice/lessons/{family}', PracticeLessonController::class)
            ->where('family', '[a-z-]{1,30}')
            ->name('practice.lesson');
        Route::get('/practice/guesses', [WagerController::class, 'mine'])->name('guesses');
        Route::post('/practice/guesses', [WagerController::class, 'ask'])->name('guesses.ask');
        Route::whereNumber('practice')->group(function (): void {
            Route::get('/practice/{practice}', [PracticeBenchController::class, 'show'])->name('practice.show');
            Route::post('/practice/{practice}/deeds', [PracticeBenchController::class, 'deed'])->name('practice.deed');
            Route::post('/practice/{practice}/ask', [PracticeBenchController::class, 'ask'])->name('practice.ask');
            Route::post('/practice/{practice}/verdict', [PracticeBenchController::class, 'answer'])->name('practice.verdict');
            Route::get('/practice/{practice}/rivals', [PracticeBenchController::class, 'rivals'])->name('practice.rivals');
            Route::get('/practice/{practice}/debrief', [PracticeBenchController::class, 'debrief'])->name('practice.debrief');
        });
    });
    Route::middleware('can:lead')->group(function (): void {
        Route::get('/practice/people', [PracticeController::class, 'people'])->name('practice.people');
        Route::get('/practice/cases', [PracticeCaseController::class, 'index'])->name('practice.cases');
        Route::post('/practice/cases', [PracticeCaseController::class, 'store'])->name('practice.cases.store');
        Route::get('/practice/cases/{case}.json', [PracticeCaseController::class, 'json'])
            ->whereNumber('case')
            ->name('practice.cases.json');
        Route::delete('/practice/cases/{case}', [PracticeCaseController::class, 'destroy'])
            ->whereNumber('case')
            ->name('practice.cases.destroy');
        Route::post('/jobs/{job}/practice', [PracticeCaseController::class, 'ofJob'])->name('practice.of-job');
    });
    Route::get('/', FloorController::class)->name('floor');
    Route::get('/wall', [WallController::class, 'floor'])->name('wall');
    Route::get('/wall/{bench}', [WallController::class, 'bench'])
        ->middleware('can:work-at-bench')
        ->whereNumber('bench')
        ->name('wall.bench');
    Route::get('/find', FindController::class)->name('find');

    Route::middleware('can:take-in')->group(function (): void {
        Route::get('/counter', [IntakeController::class, 'create'])->name('intake.create');
        Route::post('/counter', [IntakeController::class, 'store'])->name('intake.store');
        Route::get('/counter/asks', CounterAskController::class)->name('intake.asks');
        Route::post('/counter/aside', [HalfTakenController::class, 'store'])->name('halves.store');
        Route::get('/counter/aside/{half}', [HalfTakenController::class, 'goOn'])->name('halves.go-on');
        Route::delete('/counter/aside/{half}', [HalfTakenController::class, 'destroy'])->name('halves.destroy');
        Route::get('/before-buying', BeforeBuyingController::class)->name('before-buying');
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
        Route::get('/jobs/{job}/tag', [TagController::class, 'show'])->name('jobs.tag');
        Route::get('/tags/{tags}', [TagController::class, 'several'])->name('jobs.tags');
        Route::middleware(MachineIsHere::class)->group(function (): void {
            Route::get('/jobs/{job}', JobController::class)->name('jobs.show');
            Route::get('/jobs/{job}/stand', [StandController::class, 'show'])->name('jobs.stand');
            Route::post('/jobs/{job}/stand', [StandController::class, 'told'])->name('jobs.told');
            Route::post('/jobs/{job}/rang', RangController::class)->name('jobs.rang');
        });
        Route::get('/jobs/{job}/letter', [LetterController::class, 'show'])->name('jobs.letter');
        Route::post('/jobs/{job}/letter', [LetterController::class, 'update'])->name('letter.update');
        Route::post('/jobs/{job}/letter/renew', [LetterController::class, 'renew'])->name('letter.renew');
        Route::get('/jobs/{job}/letter.pdf', [LetterController::class, 'pdf'])->name('letter.pdf');
        Route::get('/jobs/{job}/letter.txt', [LetterController::class, 'text'])->name('letter.text');
        Route::get('/jobs/{job}/letter.eml', [LetterController::class, 'eml'])->name('letter.eml');
        Route::get('/jobs/{job}/collect', [CollectController::class, 'create'])->name('collect.create');
        Route::post('/jobs/{job}/collect', [CollectController::class, 'store'])->name('collect.store');
        Route::post('/jobs/{job}/invoice', [InvoiceController::class, 'store'])->name('invoices.store');
        Route::post('/jobs/{job}/paid', [InvoiceController::class, 'paid'])->name('payments.store');
        Route::get('/invoices/{invoice}', [InvoiceController::class, 'show'])->name('invoices.show');
        Route::get('/invoices/{invoice}/invoice.pdf', [InvoiceController::class, 'pdf'])->name('invoices.pdf');
        Route::get('/day-sheet', [BooksController::class, 'day'])->name('day-sheet');
        Route::get('/uncollected', [UncollectedController::class, 'index'])->name('uncollected');
        Route::post('/uncollected/{job}', [UncollectedController::class, 'store'])->name('uncollected.notice');
        Route::get('/notices/{notice}/notice.pdf', [UncollectedController::class, 'pdf'])->name('uncollected.pdf');
        Route::get('/diary', [DiaryController::class, 'show'])->name('diary');
        Route::post('/shifts', [ShiftController::class, 'store'])->name('shifts.store');
        Route::delete('/shifts/{shift}', [ShiftController::class, 'destroy'])->name('shifts.destroy');
        Route::get('/jobs/{job}/came-back', [ComebackController::class, 'create'])->name('comebacks.create');
        Route::post('/jobs/{job}/came-back', [ComebackController::class, 'store'])->name('comebacks.store');
        Route::get('/messages', [MessageController::class, 'index'])->name('messages');
        Route::post('/messages/send', [MessageController::class, 'send'])->name('messages.send');
        Route::post('/messages/returned', [MessageController::class, 'returned'])->name('messages.returned');
        Route::post('/messages/{message}/bounced', [MessageController::class, 'bounced'])->name('messages.bounced');
        Route::post('/messages/{message}/said', [MessageController::class, 'said'])->name('messages.said');
        Route::post('/messages/{message}/again', [MessageController::class, 'again'])->name('messages.again');
        Route::post('/messages/{message}/release', [MessageController::class, 'release'])->name('messages.release');
    });

    Route::middleware('can:lead')->group(function (): void {
        Route::get('/shop', [ShopController::class, 'show'])->name('shop');
        Route::post('/shop', [ShopController::class, 'update'])->name('shop.update');
        Route::get('/shop/numbers/{group?}', [NumbersController::class, 'show'])->name('numbers');
        Route::post('/shop/numbers/{group}', [NumbersController::class, 'update'])->name('numbers.update');
        Route::get('/shop/suppliers', [SuppliersController::class, 'index'])->name('suppliers');
        Route::post('/shop/suppliers', [SuppliersController::class, 'store'])->name('suppliers.store');
        Route::post('/shop/suppliers/{supplier}', [SuppliersController::class, 'update'])->name('suppliers.update');
        Route::delete('/shop/suppliers/{supplier}', [SuppliersController::class, 'destroy'])->name('suppliers.destroy');
        Route::get('/shop/bring-in', [BringInController::class, 'index'])->name('bring-in');
        Route::post('/shop/bring-in', [BringInController::class, 'store'])->name('bring-in.store');
        Route::get('/shop/bring-in/{bringIn}', [BringInController::class, 'show'])->name('bring-in.show');
        Route::post('/shop/bring-in/{bringIn}', [BringInController::class, 'update'])->name('bring-in.update');
        Route::post('/shop/bring-in/{bringIn}/take', [BringInController::class, 'take'])->name('bring-in.take');
        Route::delete('/shop/bring-in/{bringIn}', [BringInController::class, 'destroy'])->name('bring-in.destroy');
        Route::get('/shop/owners', [JoinOwnersController::class, 'index'])->name('owners');
        Route::post('/shop/owners', [JoinOwnersController::class, 'store'])->name('owners.join');
        Route::delete('/shop/owners/{join}', [JoinOwnersController::class, 'destroy'])->name('owners.take-back');
        Route::get('/shop/books', [BooksController::class, 'index'])->name('books');
        Route::get('/shop/books/invoices.csv', [BooksController::class, 'invoices'])->name('books.invoices');
        Route::get('/shop/books/payments.csv', [BooksController::class, 'payments'])->name('books.payments');
        Route::post('/invoices/{invoice}/take-back', [InvoiceController::class, 'takeBack'])->name('invoices.take-back');
        Route::get('/shop/keeping', [KeepingController::class, 'show'])->name('keeping');
        Route::post('/shop/keeping', [KeepingController::class, 'update'])->name('keeping.update');
        Route::get('/shop/texts', [TextsController::class, 'show'])->name('texts');
        Route::post('/shop/texts', [TextsController::class, 'update'])->name('texts.update');
        Route::get('/people', [PeopleController::class, 'index'])->name('people');
        Route::post('/people', [PeopleController::class, 'store'])->name('people.store');
        Route::post('/people/{person}', [PeopleController::class, 'update'])->name('people.update');
        Route::post('/people/{person}/way-in', [PeopleController::class, 'letIn'])->name('people.let-in');
        Route::get('/people/{person}', [PeopleController::class, 'show'])->name('people.show');
        Route::post('/people/{person}/code', [PeopleController::class, 'code'])->name('people.code');
        Route::post('/people/{person}/badge', [PeopleController::class, 'badge'])->name('people.badge');
        Route::delete('/people/{person}/second', [PeopleController::class, 'endSecond'])->name('people.second.end');
        Route::delete('/people/{person}', [PeopleController::class, 'destroy'])->name('people.destroy');
        Route::post('/bulletins', [BulletinController::class, 'store'])->name('bulletins.store');
        Route::post('/bulletins/{bulletin}/withdraw', [BulletinController::class, 'withdraw'])->name('bulletins.withdraw');
        Route::post('/lessons', [LessonController::class, 'propose'])->name('lessons.propose');
        Route::post('/lessons/{lesson}', [LessonController::class, 'decide'])->name('lessons.decide');
    });
    Route::post('/own', [OwnMachineController::class, 'store'])->middleware('can:lead')->name('own.store');
    Route::get('/jobs/{job}/owner/archive.zip', OwnerArchiveController::class)->middleware('can:lead')->name('owner.archive');
    Route::post('/jobs/{job}/owner/erase', EraseOwnerController::class)->middleware('can:lead')->name('owner.erase');

    Route::middleware(['can:work-at-bench', MachineIsHere::class])->group(function (): void {
        Route::post('/jobs/{job}/entries', EntryController::class)->name('entries.store');
        Route::get('/jobs/{job}/guess', [WagerController::class, 'create'])->name('wagers.create');
        Route::post('/jobs/{job}/guess', [WagerController::class, 'store'])->name('wagers.store');
        Route::get('/jobs/{job}/case.json', CaseFileController::class)->name('jobs.case');
        Route::get('/jobs/{job}/why/{part}', [WhyController::class, 'part'])->where('part', '[A-Za-z0-9-]+')->name('why.part');
        Route::get('/jobs/{job}/why-step/{step}', [WhyController::class, 'step'])->where('step', '[A-Za-z0-9:-]+')->name('why.step');
        Route::get('/jobs/{job}/then/{entry}', [WhyController::class, 'then'])->where('entry', '[1-9][0-9]{0,5}')->name('why.then');
        Route::get('/jobs/{job}/moves.json', [WhyController::class, 'moves'])->name('why.moves');
        Route::get('/jobs/{job}/what-if', WhatIfController::class)->name('what-if');
        Route::get('/jobs/{job}/close', [ClosingController::class, 'create'])->name('closing.create');
        Route::post('/jobs/{job}/close', [ClosingController::class, 'store'])->name('closing.store');
        Route::get('/comebacks', [ComebackController::class, 'index'])->name('comebacks');
        Route::get('/jobs/{job}/comeback', [ComebackController::class, 'show'])->name('comebacks.show');
        Route::post('/jobs/{job}/comeback', [ComebackController::class, 'update'])->name('comebacks.update');
        Route::get('/jobs/{job}/claim', [SupplierClaimController::class, 'create'])->name('claims.create');
        Route::post('/jobs/{job}/claim', [SupplierClaimController::class, 'store'])->name('claims.store');
        Route::get('/claims/{claim}', [SupplierClaimController::class, 'show'])->name('claims.show');
        Route::post('/claims/{claim}/send', [SupplierClaimController::class, 'send'])->name('claims.send');
        Route::post('/claims/{claim}/answer', [SupplierClaimController::class, 'answer'])->name('claims.answer');
        Route::post('/claims/{claim}/talks', [SupplierClaimController::class, 'talk'])->name('claims.talk');
        Route::post('/claims/{claim}/give-up', [SupplierClaimController::class, 'giveUp'])->name('claims.give-up');
        Route::get('/claims/{claim}/evidence.json', [SupplierClaimController::class, 'json'])->name('claims.json');
        Route::get('/claims/{claim}/evidence.pdf', [SupplierClaimController::class, 'pdf'])->name('claims.pdf');
        Route::get('/patterns', [PatternController::class, 'index'])->name('patterns');
        Route::post('/patterns', [PatternController::class, 'look'])->name('patterns.look');
        Route::get('/how-well', [HowWellController::class, 'show'])->name('how-well');
        Route::post('/how-well', [HowWellController::class, 'workOut'])->name('how-well.work-out');
        Route::get('/how-well.csv', [HowWellController::class, 'csv'])->name('how-well.csv');
        Route::get('/jobs/{job}/decide', [DecideController::class, 'show'])->name('jobs.decide');
        Route::get('/jobs/{job}/quote', [QuoteController::class, 'create'])->name('quotes.create');
        Route::get('/jobs/{job}/quotes/{quote}', [QuoteController::class, 'show'])->name('quotes.show');
        Route::post('/jobs/{job}/quote/withdraw', [QuoteController::class, 'withdraw'])->name('quotes.withdraw');
        Route::middleware(JobIsOpen::class)->group(function (): void {
            Route::post('/jobs/{job}/ahead', [DecideController::class, 'ahead'])->name('jobs.ahead');
            Route::post('/jobs/{job}/quote', [QuoteController::class, 'store'])->name('quotes.store');
            Route::post('/jobs/{job}/orders', [OrderController::class, 'store'])->name('orders.store');
            Route::post('/jobs/{job}/orders/by-hand', [HandOrderController::class, 'forJob'])->name('orders.by-hand');
        });
        Route::get('/orders', [OrderController::class, 'index'])->name('orders');
        Route::post('/orders/by-hand', [HandOrderController::class, 'forShelf'])->name('orders.for-shelf');
        Route::get('/orders/{order}/sheet.pdf', [HandOrderController::class, 'sheet'])->name('orders.sheet');
        Route::post('/orders/{order}/mail', [HandOrderController::class, 'mail'])->name('orders.mail');
        Route::post('/orders/{order}/credit', [HandOrderController::class, 'credit'])->name('orders.credit');
        Route::post('/orders/{order}/receive', [OrderController::class, 'receive'])->name('orders.receive');
        Route::post('/orders/{order}/dead', [OrderController::class, 'dead'])->name('orders.dead');
        Route::post('/orders/{order}/give-up', [OrderController::class, 'giveUp'])->name('orders.give-up');
        Route::get('/jobs/{job}/prove', [ProveController::class, 'show'])->name('jobs.prove');
        Route::post('/jobs/{job}/results', [ResultCardController::class, 'store'])->name('results.store');
        Route::get('/result-cards', [ResultCardController::class, 'index'])->name('results.cards');
        Route::post('/jobs/{job}/reports', [ProveController::class, 'import'])->name('reports.import');
        Route::get('/own', [OwnMachineController::class, 'index'])->name('own');
        Route::get('/jobs/{job}/own', [OwnMachineController::class, 'show'])->name('own.show');
        Route::get('/jobs/{job}/news', NewsController::class)->name('jobs.news');
        Route::get('/jobs/{job}/machine', [MachineController::class, 'show'])->name('jobs.machine');
        Route::post('/jobs/{job}/machine', [MachineController::class, 'update'])->middleware(JobIsOpen::class)->name('jobs.made-of');
        Route::get('/jobs/{job}/supply', SupplySizingController::class)->name('jobs.supply');
        Route::get('/jobs/{job}/socket', SocketMapController::class)->name('jobs.socket');
        Route::get('/jobs/{job}/card', CardIdentityController::class)->name('jobs.card');
        Route::get('/jobs/{job}/papers', [PaperController::class, 'index'])->name('papers.index');
        Route::post('/jobs/{job}/papers', [PaperController::class, 'store'])->name('papers.store');
        Route::post('/jobs/{job}/park', [ParkController::class, 'store'])->name('park.store');
        Route::delete('/jobs/{job}/park', [ParkController::class, 'destroy'])->name('park.destroy');
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
