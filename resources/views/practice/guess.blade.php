<x-layout :title="$job->tag . ', your guess'" nav="job">
    <x-job-frame :job="$job" at="find" main :assessed="$assessment" />
    <section class="chain-strip" tabindex="0" aria-label="Chain"><x-chain :chain="$chain" /></section>
    <div class="lesson">
        <section class="sheet" aria-labelledby="h-record">
            <h2 id="h-record">The record so far</h2>
            <ol class="plain-record">
                @foreach ($assessment->record->inForce as $entry)
                    <li value="{{ $entry->number }}"><b>{{ $words->what($entry) }}</b> {{ $thumb($entry) }}
                        <small>{{ $words->outcome($entry) }}</small>
                    </li>
                @endforeach
            </ol>
        </section>
        <section class="sheet" aria-labelledby="h-guess">
            <h2 id="h-guess">What do you think it is?</h2>
            <p>Before you see the advice. Only you see how well your guesses hold; where people know better than the
                adviser, the lead sees the kind of part, and no name.</p>
            <form method="post" action="{{ route('wagers.store', $job) }}" novalidate>@csrf
                @error('guess')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
                <x-practice.suspected :parts="array_filter($assessment->machine->parts, fn($part) => $part->id !== 'outside')" />
                <p><button class="main">Note it, show the advice</button>
                    <button class="quiet" name="none" value="1">No guess this time</button>
                </p>
            </form>
        </section>
    </div>
</x-layout>
