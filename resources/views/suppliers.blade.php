<x-layout title="Suppliers" nav="shop">
    <x-shop-frame at="suppliers" />
    <div class="head">
        <h1>Suppliers</h1>
        <p>Of whom the shop buys. The newest price of a kind is what options and quotes count with.</p>
        @if (Route::has('bring-in'))
            <a class="button" href="{{ route('bring-in', ['kind' => 'prices']) }}">Read in a price list</a>
        @endif
    </div>
    @if ($simulated)
        <p class="notice" role="note">The suppliers that ship are simulated; they stand beside these.</p>
    @endif
    @foreach ($suppliers as $supplier)
        @php
            $at = $listed[$supplier->id] ?? null;
            $list = $at === null ? '' : ' of ' . shop()->date(\Illuminate\Support\Carbon::parse($at, 'UTC'));
        @endphp
        <details class="sheet" @if ($errors->any() && old('of') === (string) $supplier->id) open @endif>
            <summary @class(['gone' => $supplier->ended_at])><b>{{ $supplier->name }}</b>
                <small>{{ $supplier->days_from }}–{{ $supplier->days_to }} days, back within
                    {{ $supplier->return_days }};
                    {{ $supplier->items_count }} on the
                    list{{ $list }},
                    {{ $bought[$supplier->id] ?? 0 }} bought{{ $supplier->ended_at ? ', ended' : '' }}</small>
            </summary>
            <form method="post" action="{{ route('suppliers.update', $supplier) }}" novalidate>@csrf
                <x-supplier-fields :supplier="$supplier" :within="'s' . $supplier->id" />
                <button>Keep it</button>
            </form>
            <form method="post" action="{{ route('suppliers.destroy', $supplier) }}">@csrf @method('delete')<button
                    class="quiet">{{ $supplier->ended_at ? 'buy there again' : 'buy there no more' }}</button></form>
        </details>
    @endforeach
    <form class="sheet" method="post" action="{{ route('suppliers.store') }}" novalidate>@csrf
        <h2>Write one down</h2>
        <x-supplier-fields :supplier="new App\Models\PartsSupplier()" within="s" />
        <button class="main">Write it down</button>
    </form>
</x-layout>
