<x-layout title="Shelf" nav="shelf">
    <div class="head"><h1>Shelf</h1><p>Known-good spares. Trust is the chance that a spare is good.</p></div>
    <section class="sheet">
        @if ($spares->isEmpty())<p>No spare is on the shelf yet.</p>@else
        <table class="list">
            <thead><tr><th scope="col">Tag</th><th scope="col">Spare</th><th scope="col">Stands in for</th><th scope="col">Fits</th><th scope="col" class="num">Trust</th><th scope="col" class="num">Value</th><th scope="col">Place</th></tr></thead>
            <tbody>
            @foreach ($spares as $spare)
                <tr>
                    <td><span class="lent">{{ $spare->tag }}</span></td><td>{{ $spare->name }}</td><td>{{ $kinds[$spare->kind]->name ?? $spare->kind }}</td>
                    <td>{{ implode(', ', $spare->fits) ?: 'any' }}</td><td class="num">{{ (int) round(100 * $spare->trust) }} %</td><td class="num">{{ config('shop.currency') }} {{ number_format($spare->value / 100, 0) }}</td>
                    <td>@isset($lentTo[$spare->tag])lent to <a href="{{ route('jobs.show', $lentTo[$spare->tag]) }}">{{ $lentTo[$spare->tag] }}</a>@else{{ $spare->place }}@endisset</td>
                </tr>
            @endforeach
            </tbody>
        </table>@endif
    </section>
</x-layout>
