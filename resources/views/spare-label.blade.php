<x-layout :title="'Label ' . $spare->tag" nav="shelf">
    <div class="head noprint">
        <h1>Label</h1>
        <p>Print it and stick it on the spare.</p><x-paper /><button class="main" type="button" x-data="printer"
            x-on:click="print">Print</button><a class="button" href="{{ route('spares.show', $spare) }}">Back to the
            spare</a>
    </div>
    <section class="label-sheet">{!! $qr !!}<div>
            <p class="tag huge">{{ $spare->tag }}</p>
            <p><b>{{ $spare->name }}</b></p>
            <p>{{ $spare->place }}</p>{!! $bars !!}<p>{{ shop()->name }}</p>
        </div>
    </section>
</x-layout>
