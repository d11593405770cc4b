<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Order;
use App\Models\PriceItem;
use Illuminate\Database\QueryException;

/** The newest price that the shop knows of a kind of part: what it paid last, or what a newer list asks. */
final class PaidLately
{
    /** Days after which a price says nothing any more. Origin: judgement. */
    private const DAYS = 400;

    /** @return array<string, int> kind => minor units, before tax, for a new one */
    public static function prices(): array
    {
        try {
            return self::worked();
        } catch (QueryException) {
            // Before its tables are made nothing was bought.
            return [];
        }
    }

    /** @return array<string, int> */
    private static function worked(): array
    {
        $since = now()->subDays(self::DAYS);
        $prices = $at = [];
        $orders = Order::query()
            ->whereNotNull('supplier_id')
            ->where('condition', 'new')
            ->where('state', '!=', 'cancelled')
            ->where('ordered_at', '>', $since)
            ->orderBy('id')
            ->get(['id', 'kind', 'price', 'ordered_at']);
        foreach ($orders as $order) {
            [$prices[$order->kind], $at[$order->kind]] = [$order->price, $order->ordered_at];
        }
        // A list names many models of a kind: the one in the middle stands for it.
        $items = PriceItem::query()->whereNull('gone_at')->where('condition', 'new')->where('created_at', '>', $since)->get();
        foreach ($items->groupBy('kind') as $kind => $of) {
            $newest = $of->max('created_at');
            if (! isset($at[$kind]) || $newest > $at[$kind]) {
                $prices[(string) $kind] = (int) round((float) $of->median('price'));
            }
        }

        return $prices;
    }
}
