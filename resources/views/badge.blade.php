<x-layout :title="'Badge of ' . $person->name" nav="shop">
    <x-shop-frame at="people" />
    <div class="head noprint">
        <h1>Badge of {{ $person->name }}</h1>
        <p>Print it now: it is shown only once, and the one before opens nothing more.</p><x-paper />
        <button class="main" type="button" x-data="printer" x-on:click="print">Print</button>
        <a class="button" href="{{ route('people') }}">People</a>
    </div>
    <section class="label-sheet">
        {!! $qr !!}
        <div>
            <p class="huge">{{ $person->name }}</p>
            <p>{{ shop()->name }}</p>{!! $bars !!}
        </div>
    </section>
</x-layout>
