<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\MarginNote;
use App\UseCases\Advice\PreviewNumbers;
use App\UseCases\Shop\ModelBook;
use App\UseCases\Shop\ShopBook;
use App\UseCases\Shop\WriteInTheMargin;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Handbook\Book;

/** The handbook: what the catalogue knows, what the shop wrote beside it, and what it knows of each model. */
final class BookController
{
    private const TYPED = 80;

    public function index(Request $request, ShopBook $shopBook): View
    {
        $typed = mb_substr($request->string('q')->trim()->toString(), 0, self::TYPED);

        return view('book', [
            'typed' => $typed,
            'found' => $typed === '' ? null : $shopBook->find($typed),
            'chapters' => $shopBook->book()->chapters(),
            'models' => ModelBook::most(),
            'asked' => MarginNote::query()->asked()->count(),
        ]);
    }

    public function page(
        Request $request,
        string $kind,
        string $id,
        ShopBook $shopBook,
        WriteInTheMargin $margin,
        PreviewNumbers $preview,
        Catalogue $catalogue,
    ): View {
        $book = $shopBook->book();
        abort_unless($book->has("{$kind}/{$id}"), 404);
        $page = $book->page($kind, $id);
        $notes = MarginNote::query()->with(['user', 'answerer'])->where('page', $page->address)->orderByDesc('id')->limit(50)->get();
        $looked = $notes->firstWhere('id', $request->integer('look'));

        return view('book-page', [
            'page' => $page,
            'chapter' => Book::CHAPTERS[$page->kind],
            'beside' => $book->chapters()[$page->kind],
            'notes' => $notes,
            'settables' => $margin->settables($page->address),
            'looked' => $looked,
            'preview' => $looked?->path === null || ! $request->user()?->can('lead')
                ? null
                : $preview->of([$looked->path => $looked->value]),
            'catalogue' => $catalogue,
            'from' => Job::query()->where('tag', $request->string('job')->toString())->first(),
        ]);
    }

    public function model(string $model, Catalogue $catalogue): View
    {
        return view('book-model', ['model' => ModelBook::of($model) ?? abort(404), 'catalogue' => $catalogue]);
    }

    /** Notes that ask for another number, for the lead to answer. */
    public function asked(): View
    {
        return view('book-asked', ['notes' => MarginNote::query()->with('user')->asked()->orderBy('id')->limit(100)->get()]);
    }
}
