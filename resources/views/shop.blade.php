<x-layout title="The shop" nav="shop">
    <x-shop-frame at="shop" />
    <form method="post" action="{{ route('shop.update') }}" novalidate enctype="multipart/form-data">@csrf
        <div class="head">
            <h1>The shop</h1>
            <p>What letters, receipts, quotes and promises say and are worked out by.</p>
            <button class="main">Save</button>
        </div>
        @if (shop()->missing() !== [])
            <p class="notice" role="note"><b>Still missing:</b> {{ implode(', ', shop()->missing()) }}. Letters go
                without it
                until then.</p>
        @endif
        @if ($trouble !== null)
            <p class="notice" role="alert"><b class="danger">{{ $trouble }}</b></p>
        @endif
        <x-mistakes />
        <x-shop-fields />
    </form>
    <section class="sheet">
        <h2>What ships</h2>
        <p>Tax {{ $shipped->tax / 100 }} %, currency {{ $shipped->currency }}, open {{ $shipped->openFrom }} to
            {{ $shipped->openTo }} on {{ count($shipped->openDays) }} days, {{ $shipped->benches }} benches. The tax is
            on
            every quote and bill made from now on; hours and closed days move promises, the diary and forecasts.</p>
        <h2>Changed lately</h2>
        <ul class="changes">
            @forelse ($changes as $change)
                <li>{{ shop()->date($change->created_at, time: true) }}:
                    {{ \Illuminate\Support\Str::headline($change->name) }},
                    {{ $change->words() }}
                    <small>{{ $change->user?->name ?? 'with the installation' }}</small>
                </li>
            @empty
                <li>Nothing yet: what ships holds.</li>
            @endforelse
        </ul>
    </section>
</x-layout>
