<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\StockItem;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Small things without trust, counted, with a minimum. */
final class StockController
{
    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(
            [
                'stock_name' => ['required', 'string', 'max:120', 'unique:stock,name'],
                'count' => ['required', 'integer', 'min:0', 'max:100000'],
                'minimum' => ['required', 'integer', 'min:0', 'max:100000'],
                'stock_place' => ['nullable', 'string', 'max:60'],
            ],
            [
                'stock_name.required' => 'Say what it is.',
                'stock_name.unique' => 'That is counted already; change its number below.',
                'count.*' => 'Count it, a whole number from 0.',
                'minimum.*' => 'Say how few are too few, a whole number from 0.',
            ],
        );
        StockItem::query()->create([
            'name' => $given['stock_name'],
            'count' => $given['count'],
            'minimum' => $given['minimum'],
            'place' => $given['stock_place'] ?? '',
        ]);

        return redirect()->route('shelf')->with('status', 'Counted.');
    }

    /** Takes some or adds some. Counted in the database, so that two people at once are both counted. */
    public function change(Request $request, StockItem $item): RedirectResponse
    {
        $by = $request->validate(
            ['by' => ['required', 'integer', 'min:-1000', 'max:1000', 'not_in:0']],
            ['by.*' => 'Say how many, as a whole number.'],
        )['by'];
        DB::transaction(
            fn () => StockItem::query()
                ->whereKey($item->id)
                ->update(['count' => DB::raw('case when count + '.(int) $by.' > 0 then count + '.(int) $by.' else 0 end')]),
        );

        return redirect()->route('shelf')->with('status', 'Counted.');
    }
}
