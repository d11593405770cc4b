<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\MarginNote;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
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

    /**
     * The lead takes over what a note asks for, kept as the shop's own with the note as its reason, or leaves it as it is: once, whoever
     * else answers at that moment.
     *
     * @return bool whether it still waited for an answer
     */
    public function answer(MarginNote $note, bool $takesOver, User $lead): bool
    {
        return DB::transaction(function () use ($note, $takesOver, $lead): bool {
            $answered = MarginNote::query()->asked()->whereKey($note->id)->update([
                'answer' => $takesOver ? 'accepted' : 'declined',
                'answered_by' => $lead->id,
            ]);
            $takesOver && $answered === 1 && SetOwnValues::set([(string) $note->path => $note->value], $lead);

            return $answered === 1;
        });
    }

    /** With its photograph. */
    public function takeAway(MarginNote $note): void
    {
        $note->delete();
        $note->file === null || Storage::delete([KeepPhoto::path($note->file), KeepPhoto::path($note->file, small: true)]);
    }
}
