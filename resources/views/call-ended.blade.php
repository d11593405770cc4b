<x-layout :title="'Call ' . $job->tag" nav="counter">
    <div class="head">
        <h1>{{ $call->outcome?->words() }}</h1>
        <p>{{ $job->machine->owner->name ?: 'the caller' }}, {{ shop()->date($call->ended_at, time: true) }}</p>
        <a class="button" href="{{ route('arrival.create', $job) }}">The machine arrives</a><a class="button"
            href="{{ route('calls.index') }}">All calls</a>
    </div>
    <div class="columns two">
        <section class="sheet">
            <h2>The number to quote</h2>
            <p class="tag huge">{{ $job->tag }}</p>
            @if ($call->details['words'] ?? null)
                <p>{{ $call->details['words'] }}</p>
            @endif
            @if ($call->outcome === \App\Models\CallOutcome::Danger)
                <p class="caution">{{ $page->conversation->stop ?? 'Leave it unplugged, do not open it.' }}</p>
            @endif
            @if ($call->slot_at)
                <h2>{{ $call->slot_at->format('l j F, H:i') }}</h2>
                <p><a href="{{ route('calls.visit', $job) }}">Calendar file</a> for the owner.</p>
            @endif
            @if ($call->details['part'] ?? null)
                <p><a href="{{ route('calls.guide', $job) }}">Guide to print</a>, goes out with the part.</p>
            @endif
            @if (in_array($call->outcome, [\App\Models\CallOutcome::Visit, \App\Models\CallOutcome::Danger], true))
                <h3>Bring</h3>
                <ul>
                    @foreach (\App\Documents\CallAdvice::BRING as $line)
                        <li>{{ $line }}</li>
                    @endforeach
                </ul>
                <h3>Until then</h3>
                <ul>
                    @foreach (\App\Documents\CallAdvice::MEANWHILE as $line)
                        <li>{{ $line }}</li>
                    @endforeach
                </ul>
            @endif
        </section>
        <section class="sheet">
            <h2>What was said</h2><x-said :page="$page" />
        </section>
    </div>
</x-layout>
