<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\OwnValue;
use Illuminate\Contracts\Cache\Repository as Cache;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Handbook\Book;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\PaperTree;

/** The handbook as this shop has it: made from its catalogue, kept until that changes, and searched. */
final class ShopBook
{
    private ?Book $book = null;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly ShopCatalogue $shopCatalogue,
        private readonly CoreVersion $version,
        private readonly Cache $kept,
    ) {
    }

    public function book(): Book
    {
        if ($this->book !== null) {
            return $this->book;
        }
        $slot = "book.{$this->version->word()}.{$this->word()}";
        $kept = $this->kept->get($slot);
        if ($kept instanceof Book) {
            return $this->book = $kept;
        }
        $this->book = Book::of($this->catalogue, $this->shopCatalogue->shipped());
        rescue(fn () => $this->kept->put($slot, $this->book, now()->addWeek()), report: false);

        return $this->book;
    }

    /** @return list<Page> pages that a search finds, the best first */
    public function find(string $words): array
    {
        $index = new BookIndex(storage_path("framework/cache/book-{$this->version->word()}-{$this->word()}.sqlite"));
        $pages = $this->book()->pages;

        return array_values(array_filter(array_map(
            fn (string $address): ?Page => $pages[$address] ?? null,
            $index->find($words, fn (): array => $pages),
        )));
    }

    /**
     * A tree for paper, kept until a number changes: it takes some seconds to work out.
     *
     * @param  bool  $card  it has a card of its own
     * @param  bool  $lamps its board has status lamps
     */
    public function tree(string $reached, bool $card, bool $lamps): PaperTree
    {
        $equipment = ['card' => $card, 'drives' => 1, 'facts' => ['status_lamps' => $lamps, 'own_graphics' => true]];
        $slot = "tree.{$this->version->word()}.{$this->word()}.{$reached}.".($card ? 'card' : 'none').'.'.($lamps ? 'lamps' : 'none');
        $kept = $this->kept->get($slot);
        if ($kept instanceof PaperTree) {
            return $kept;
        }
        $tree = PaperTree::of($equipment, $reached, $this->catalogue);
        rescue(fn () => $this->kept->put($slot, $tree, now()->addMonth()), report: false);

        return $tree;
    }

    /** Changes with every number of the shop's own. */
    private function word(): string
    {
        return substr(hash('xxh128', serialize([OwnValue::inForce(), shop()->priceOfOne, shop()->comebackRisk])), 0, 12);
    }
}
