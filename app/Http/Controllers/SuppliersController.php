<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Order;
use App\Models\PartsSupplier;
use App\Models\PriceItem;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** Of whom the shop buys, and what their newest lists say. */
final class SuppliersController
{
    public function index(): View
    {
        return view('suppliers', [
            'suppliers' => PartsSupplier::query()
                ->withCount(['items' => fn ($items) => $items->whereNull('gone_at')])
                ->orderByRaw('ended_at is not null, ended_at')
                ->orderBy('name')
                ->get(),
            'listed' => PriceItem::query()->whereNull('gone_at')->groupBy('supplier_id')->selectRaw('supplier_id, max(created_at) as at')
                ->pluck('at', 'supplier_id'),
            'bought' => Order::query()->whereNotNull('supplier_id')->groupBy('supplier_id')->selectRaw('supplier_id, count(*) as n')
                ->pluck('n', 'supplier_id'),
            'simulated' => config('shop.suppliers') === 'simulated',
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $supplier = PartsSupplier::query()->create($this->given($request, null));

        return redirect()->route('suppliers')->with('status', "{$supplier->name} is written down. Orders can be placed there now.");
    }

    public function update(Request $request, PartsSupplier $supplier): RedirectResponse
    {
        $supplier->update($this->given($request, $supplier));

        return redirect()->route('suppliers')->with('status', "{$supplier->name} is kept.");
    }

    /** Nothing is bought there any more; what was bought keeps their name. */
    public function destroy(PartsSupplier $supplier): RedirectResponse
    {
        $supplier->update(['ended_at' => $supplier->ended_at === null ? now() : null]);

        return redirect()
            ->route('suppliers')
            ->with('status', $supplier->ended_at === null
                ? "{$supplier->name} is bought from again."
                : "Nothing is bought of {$supplier->name} any more.");
    }

    /** @return array<string, mixed> */
    private function given(Request $request, ?PartsSupplier $but): array
    {
        $request->merge(['of' => $but === null ? 'new' : (string) $but->id]);
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:60', Rule::unique('suppliers', 'name')->ignore($but)],
                'contact' => ['nullable', 'string', 'max:80'],
                'mail' => ['nullable', 'email', 'max:160'],
                'phone' => ['nullable', 'string', 'max:40'],
                'customer_number' => ['nullable', 'string', 'max:40'],
                'terms' => ['nullable', 'string', 'max:500'],
                'days_from' => ['required', 'integer', 'min:0', 'max:120', 'lte:days_to'],
                'days_to' => ['required', 'integer', 'min:0', 'max:120'],
                'return_days' => ['required', 'integer', 'min:0', 'max:365'],
            ],
            [
                'name.unique' => 'A supplier of this name stands here already.',
                'name.*' => 'Type the name of the supplier, up to 60 letters.',
                'mail.*' => 'This is not a mail address; it looks like name@example.org.',
                'terms.max' => 'Keep the terms under 500 letters.',
                'days_from.lte' => 'The days at best cannot be more than those at worst.',
                'days_from.*' => 'Say in how many days a part is here at best, 0 to 120.',
                'days_to.*' => 'Say in how many days it is here at worst, 0 to 120.',
                'return_days.*' => 'Say how many days a part can be sent back, 0 to 365.',
            ],
        );

        return array_map(fn (mixed $value): mixed => $value ?? '', $given);
    }
}
