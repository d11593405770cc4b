<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\QrCode;
use App\Http\PdfPage;
use App\Models\MarginNote;
use App\UseCases\Shop\ShopBook;
use App\UseCases\Shop\StepsMostTaken;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Handbook\Page;

/** Pages of the handbook as cards of A5 for the bench, each with the code that leads back to it. */
final class BookCardController
{
    private const NOTES = 3;

    public function index(ShopBook $shopBook): View
    {
        return view('book-cards', ['cards' => $this->most($shopBook)]);
    }

    public function card(string $kind, string $id, ShopBook $shopBook): Response
    {
        abort_unless($shopBook->book()->has("{$kind}/{$id}"), 404);

        return $this->printed([$shopBook->book()->page($kind, $id)], "card-{$kind}-{$id}");
    }

    public function set(ShopBook $shopBook): Response
    {
        return $this->printed($this->most($shopBook), 'bench-cards');
    }

    /** A tree of steps for a day without electricity, worked out for such a machine. */
    public function tree(Request $request, string $reached, ShopBook $shopBook, Catalogue $catalogue): View
    {
        return view('book-tree', [
            'tree' => $shopBook->tree($reached, $request->boolean('card', true), $request->boolean('lamps', true)),
            'reach' => $catalogue->reach($reached),
            'card' => $request->boolean('card', true),
            'lamps' => $request->boolean('lamps', true),
        ]);
    }

    /** @return list<Page> the ten steps that this shop takes most */
    private function most(ShopBook $shopBook): array
    {
        $book = $shopBook->book();

        return array_map(fn (string $step): Page => $book->page('step', $step), StepsMostTaken::ids());
    }

    /** @param  list<Page>  $pages */
    private function printed(array $pages, string $name): Response
    {
        $cards = array_map(fn (Page $page): array => [
            'page' => $page,
            'qr' => base64_encode(QrCode::svg(route('book.page', [$page->kind, $page->id]), 'QR code of the page')),
            'notes' => MarginNote::query()->where('page', $page->address)->where('model', '')->orderByDesc('id')->limit(self::NOTES)->get(),
        ], $pages);

        return PdfPage::shown('book-card-pdf', ['cards' => $cards, 'title' => $name], $name, 'A5');
    }
}
