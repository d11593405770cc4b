<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\MarginNote;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Own\Settable;
use Orthoscope\Core\Catalogue\Own\Settables;
use Orthoscope\Core\Handbook\Book;

/** Notes beside pages of the handbook, and numbers that they ask to be changed. */
final readonly class WriteInTheMargin
{
    public function __construct(private ShopCatalogue $shopCatalogue)
    {
    }

    /** @return array<string, Settable> numbers of a page that a shop may set for itself, by path */
    public function settables(string $page): array
    {
        return array_filter(
            Settables::of($this->shopCatalogue->shipped()),
            function (Settable $one) use ($page): bool {
                [$file, $list, $id] = [...explode('/', $one->path), '', '', ''];

                return Book::addressOf($file, $list, $id) === $page;
            },
        );
    }

    /** The lead takes over what a note asks for: kept as the shop's own, with the note as its reason. */
    public function accept(MarginNote $note, User $lead): void
    {
        DB::transaction(function () use ($note, $lead): void {
            $note->path === null || SetOwnValues::set([$note->path => $note->value], $lead);
            $note->update(['answer' => 'accepted', 'answered_by' => $lead->id]);
        });
    }

    public function decline(MarginNote $note, User $lead): void
    {
        $note->update(['answer' => 'declined', 'answered_by' => $lead->id]);
    }
}
