<x-layout title="Your machine: please choose" bare>
    <article class="letter owner">
        <header>
            <x-letterhead heading />
            <p class="right">{{ $job->tag }}<br>{{ $job->machine->model }}</p>
        </header>
        <h2>What we found</h2>
        @foreach ($found as $sentence)
            <p>{{ $sentence }}</p>
        @endforeach
        @if ($quote->state === 'out' && !$quote->isOver())
            <form method="post" action="{{ route('quote.answer', $token) }}">@csrf<input type="hidden" name="read"
                    value="{{ $quote->fingerprint }}">
                <h2>{{ count($core->variants) > 1 ? 'What we suggest: choose one' : 'What we suggest' }}</h2>
                <x-quote :core="$core" choose />
                <x-shop-text id="quote-end" :job="$job" />
                <p>It holds until {{ $quote->valid_until->format('l j F') }}. You answer once; to change it later, ring
                    us.</p>
                @foreach ($errors->all() as $error)
                    <p class="error" role="alert">{{ $error }}</p>
                @endforeach
                <div class="field"><label for="q-words">Anything to say or ask?</label>
                    <textarea id="q-words" name="words" rows="3" maxlength="1000">{{ old('words') }}</textarea>
                </div>
                <div class="answers"><button class="main" name="answer" value="accepted">Yes, do it</button><button
                        name="answer" value="declined">No, thank you</button><button name="answer" value="asked">I
                        have a question</button></div>
            </form>
        @elseif ($quote->state === 'out' || $quote->state === 'withdrawn')
            @foreach ($errors->all() as $error)
                <p class="error" role="alert">{{ $error }}</p>
            @endforeach
            <h2>{{ $quote->state === 'withdrawn' ? 'We have taken this quote back' : 'This quote no longer holds' }}
            </h2>
            @php
                $over =
                    $quote->state === 'withdrawn'
                        ? 'Something in it changed. You get another one, or ring us.'
                        : 'It ended ' . $quote->valid_until->format('j F') . '. Ring us, and we make you a new one.';
            @endphp
            <p>{{ $over }}
                {{ shop()->phone }}</p>
        @else
            @foreach ($errors->all() as $error)
                <p class="error" role="alert">{{ $error }}</p>
            @endforeach
            @php
                $heading = [
                    'accepted' => 'Thank you: you said yes',
                    'declined' => 'You said no',
                    'asked' => 'We have your question',
                ][$quote->state];
            @endphp
            <h2>{{ $heading }}
            </h2>
            <p>Your answer of {{ $quote->answered_at?->format('l j F, H:i') }} is with
                us{{ $quote->state === 'asked' ? '; we ring you' : '' }}.@if ($quote->answer !== '')
                    You wrote: “{{ $quote->answer }}”
                @endif
            </p>
            <x-quote :core="$core" />
        @endif
    </article>
</x-layout>
