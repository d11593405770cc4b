<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Deed;
use App\Models\Entry;
use App\Models\Order;
use App\Models\OwnValue;
use App\Models\Photo;
use App\Models\Quote;
use App\Models\ShopSetting;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** What somebody of the shop did lately: on jobs, with orders and quotes, and to what the shop works by. */
final class DeedsOf
{
    private const LATELY = 60;

    /** @return list<Deed> newest first */
    public static function lately(User $person): array
    {
        $deeds = [
            ...self::of(Entry::query()->with('job'), $person, fn (Entry $one): Deed => new Deed(
                $one->made_at,
                "entry {$one->number} on {$one->job->tag}, ".str_replace('-', ' ', $one->kind),
                route('jobs.stand', $one->job),
            )),
            ...self::of(Order::query()->with('job'), $person, fn (Order $one): Deed => new Deed(
                $one->created_at,
                "ordered {$one->tag}, {$one->name}",
                route('orders'),
            )),
            ...self::of(Quote::query()->with('job'), $person, fn (Quote $one): Deed => new Deed(
                $one->created_at,
                "sent a quote for {$one->job->tag}",
                route('quotes.show', [$one->job, $one]),
            )),
            ...self::of(Photo::query()->with('job'), $person, fn (Photo $one): Deed => new Deed(
                $one->created_at,
                "photographed {$one->job->tag}",
                route('photos.index', $one->job),
            )),
            ...self::of(ShopSetting::query(), $person, fn (ShopSetting $one): Deed => new Deed(
                $one->created_at,
                'set '.lcfirst(Str::headline($one->name)).' of the shop: '.Str::limit($one->words(), 60),
                route('shop'),
            )),
            ...self::of(OwnValue::query(), $person, fn (OwnValue $one): Deed => new Deed(
                $one->created_at,
                'set a number or a text of the shop: '.str_replace('/', ', ', $one->path),
            )),
        ];
        usort($deeds, fn (Deed $one, Deed $other): int => $other->at <=> $one->at);

        return array_slice($deeds, 0, self::LATELY);
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  callable(T): Deed  $say
     *
     * @return list<Deed>
     */
    private static function of(Builder $query, User $person, callable $say): array
    {
        return array_values(
            $query
                ->where('user_id', $person->id)
                ->orderByDesc('id')
                ->limit(self::LATELY)
                ->get()
                ->map($say)
                ->all(),
        );
    }
}
