<x-layout :title="'Quote ' . $job->tag" nav="job">
    <div class="head"><a class="tag" href="{{ route('jobs.decide', $job) }}">{{ $job->tag }}</a>
        <h1>Quote of {{ $quote->created_at->format('j M, H:i') }}</h1>
        <p>{{ App\Models\Quote::STATES[$quote->state] }}{{ $quote->answered_at ? ', ' . $quote->answered_at->format('j M, H:i') : '' }}.
            By
            {{ $quote->user->name }}, holds until {{ shop()->date($quote->valid_until) }}.</p>
    </div>
    <section class="sheet"><x-quote :core="$core" />
        @if ($quote->answer !== '')
            <p><b>The owner wrote:</b> “{{ $quote->answer }}”</p>
        @endif
        @if ($quote->state === 'out')
            <p>The owner answers here: <span class="address">{{ $address }}</span></p>
        @endif
    </section>
</x-layout>
