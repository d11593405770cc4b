<x-layout title="Result cards" nav="job">
    <div class="head noprint">
        <h1>Result cards</h1>
        <p>Print them and lay them at the bench. On the page where a job is proved, scanning one puts that result on the
            record.</p><button class="main" type="button" x-data="printer" x-on:click="print">Print</button>
    </div>
    <div class="result-cards">
        @foreach ($cards as $item => $results)
            <section>
                <h2>{{ $item }}</h2>
                @foreach ($results as $card)
                    <figure class="{{ $card->good ? 'good' : '' }}">{!! $bars($card->code) !!}<figcaption>
                            <b>{{ $card->words }}</b><code>{{ $card->code }}</code>
                        </figcaption>
                    </figure>
                @endforeach
            </section>
        @endforeach
    </div>
</x-layout>
