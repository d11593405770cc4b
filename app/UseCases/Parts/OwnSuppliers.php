<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\PriceItem;
use DateInterval;
use DateTimeImmutable;
use Orthoscope\Core\Economy\Offer;
use Orthoscope\Core\Supplier\ClaimAnswer;
use Orthoscope\Core\Supplier\Delivery;
use Orthoscope\Core\Supplier\Supplier;

/** The suppliers of the shop by their newest price lists. What a parcel holds and what they answer, people see and type. */
final readonly class OwnSuppliers implements Supplier
{
    private const ID = 'list-';

    public function offers(DateTimeImmutable $day): array
    {
        $offers = [];
        foreach (PriceItem::query()->with('supplier')->whereNull('gone_at')->orderBy('price')->get() as $item) {
            if ($item->supplier->ended_at === null) {
                $offers[$item->kind][] = self::made($item);
            }
        }

        return $offers;
    }

    public function offer(string $id, DateTimeImmutable $day): ?Offer
    {
        $item = self::item($id);

        return $item === null ? null : self::made($item);
    }

    /** By the days they say they take at worst. */
    public function promise(string $offer, string $order, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $days = self::item($offer)?->supplier->days_to;

        return $days === null ? null : $now->add(new DateInterval("P{$days}D"));
    }

    public function deliver(string $offer, string $order): ?Delivery
    {
        return null;
    }

    public function answer(string $offer, string $order, int $round, bool $separates): ?ClaimAnswer
    {
        return null;
    }

    /** A list names what one supplier has; what stands on none can be had all the same. */
    public function knowsAll(): bool
    {
        return false;
    }

    /** The line of a price list that an offer was made from; null where it was none, or a newer list took its place. */
    public static function item(string $offer): ?PriceItem
    {
        return ! str_starts_with($offer, self::ID)
            ? null
            : PriceItem::query()->with('supplier')->whereNull('gone_at')->find((int) substr($offer, strlen(self::ID)));
    }

    private static function made(PriceItem $item): Offer
    {
        return new Offer(
            id: self::ID.$item->id,
            supplier: $item->supplier->name,
            kind: $item->kind,
            name: $item->name,
            condition: $item->condition,
            price: $item->price,
            days: [$item->supplier->days_from, $item->supplier->days_to],
            stock: 1,
            returnDays: $item->supplier->return_days,
            facts: $item->facts,
        );
    }
}
