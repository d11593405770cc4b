<x-layout title="Your machine" bare>
    @if ($letter)
        <div class="noprint owner-tools"><a class="button" href="{{ route('owner.happened', $token) }}">What happened</a>
            <a class="button" href="{{ route('owner.pdf', $token) }}">PDF</a> <button type="button" x-data="printer"
                x-on:click="print">Print this
                letter</button>
        </div><x-letter :letter="$letter" :job="$job" heading />
    @else<section class="sheet narrow">
            <h1>We are still at it</h1>
            <p>Your machine, {{ $job->machine->model }}, is in our hands under the tag {{ $job->tag }}. When we are
                done, our letter
                stands here.</p>
            @if ($quote)
                <p><a class="button main" href="{{ $quote }}">We have a question: please choose</a></p>
            @endif
            @if ($job->next_word_at?->isFuture())
                <p>You hear from us by {{ $job->next_word_at->format('l j F, H:i') }}.</p>
            @endif
            <p><a href="{{ route('owner.happened', $token) }}">What happened so far</a></p>
            <p>{{ shop()->name }}, {{ shop()->phone }}</p>
        </section>
    @endif
</x-layout>
