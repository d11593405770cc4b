<x-layout :title="'Tag ' . $job->tag" nav="counter">
    <div class="head noprint">
        <h1>Tag</h1>
        <p>Print it, tie it to the machine, write {{ $job->tag }} on every loose part.</p><x-paper /><button
            class="main" type="button" x-data="printer" x-on:click="print">Print</button><a class="button"
            href="{{ route('photos.index', $job) }}">Photographs</a><a class="button"
            href="{{ route('jobs.receipt', $job) }}">Receipt</a><a class="button"
            href="{{ route('intake.create') }}">Take in another</a>
    </div>
    @error('reference')
        <p class="notice error" role="alert">{{ $message }}</p>
    @enderror
    @foreach ($labels as $label)
        <section class="label-sheet">
            {!! $label['qr'] !!}
            <div>
                <p class="tag huge">{{ $label['job']->tag }}</p>
                <p><b>{{ $label['job']->machine->model }}</b></p>
                <p>{{ $label['job']->machine->owner->name }}</p>
                <p>in {{ shop()->date($label['job']->arrived_at ?? $label['job']->created_at, time: true) }}</p>
                <p>{{ shop()->name }}</p>
            </div>
        </section>
        @if ($label['warning'] !== [])
            <section class="label-sheet warned">
                <div>
                    <p class="huge">Do not switch on</p>
                    @foreach (array_slice($label['warning'], 1) as $sentence)
                        <p>{{ $sentence }}</p>
                    @endforeach
                </div>
            </section>
        @endif
    @endforeach
    <p class="noprint"><a href="{{ route('jobs.letter', $job) }}">Letter to the owner</a>
        @if ($job->summary?->closed)
            · <a href="{{ route('collect.create', $job) }}">Hand it over</a> · <a
                href="{{ route('comebacks.create', $job) }}">It came
                back</a>
        @endif @can('work-at-bench')
        · <a href="{{ route('jobs.show', $job) }}">Open the job</a>
    @endcan
</p>
@can('lead')
    <details class="sheet noprint erase">
        <summary>The owner's data</summary>
        <p><a class="button" href="{{ route('owner.archive', $job) }}">All that is kept of them</a>, to give to them.
        </p>
        <p>To erase: name, telephone and mail of {{ $job->machine->owner->name }} go, on all their jobs, and what was
            written to
            them; what waits to be sent is dropped, and their addresses open no more. Invoices stay, as the law
            wants; the technical record
            stays, and so do its
            words: strike out what names someone. This cannot be taken back.</p>
        <form method="post" action="{{ route('owner.erase', $job) }}">@csrf<button>Erase for good</button></form>
    </details>
@endcan
</x-layout>
