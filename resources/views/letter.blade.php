<x-layout :title="'Letter ' . $job->tag">
    <x-job-frame :job="$job" at="hand-back" />
    <div class="head noprint">
        <h1>Letter</h1>
        @if ($closed)
        <p>The owner opens it here: <a class="address" href="{{ $address }}">{{ $address }}</a></p>@else<p>
                The job is open. This
                is how the letter reads now; its owner sees it once the job is closed.</p>
        @endif
        <a class="button" href="{{ route('letter.pdf', $job) }}">PDF</a><a class="button"
            href="{{ route('letter.text', $job) }}">Text</a><a class="button"
            href="{{ route('letter.eml', $job) }}">Mail</a>
        <button class="main" type="button" x-data="printer" x-on:click="print">Print</button>
    </div>
    <div class="letter-page">
        <x-letter :letter="$letter" :job="$job" />
        <aside class="noprint">
            @foreach ($held as $message)
                <section class="sheet">
                    <h2>{{ $message->subject }}</h2>
                    @error('message')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                    <pre class="mail">
{{ $message->text }}</pre>
                    <p>To {{ $message->to }}. It goes once you have read it.</p><x-release :message="$message" />
                </section>
            @endforeach
            <form class="sheet" method="post" action="{{ route('letter.update', $job) }}" novalidate>@csrf
                <h2>How it is told</h2>
                <fieldset class="choices">
                    <legend class="visually-hidden">Length</legend>
                    @foreach (['full' => 'full', 'short' => 'short'] as $level => $words)
                        <label><input type="radio" name="level" value="{{ $level }}"
                                @checked(old('level', $job->letter_level) === $level)>
                            {{ $words }}</label>
                    @endforeach
                </fieldset>
                <x-field name="words" label="A line of your own" area :value="$job->letter_words" maxlength="500"
                    hint="The facts are the record's and are not typed." />
                <button>Save wording</button>
            </form>
            @php
                $ease = $letter->ease();
            @endphp

            <section class="sheet">
                <h2>Reads with ease {{ (int) round($ease->score()) }}</h2>
                @php
                    $says =
                        $ease->score() >= 60
                            ? 'Plain English: 60 or more.'
                            : 'Heavy: under 60. Long sentences or long words; make your own line shorter.';
                @endphp
                <p>{{ $says }}
                </p>
            </section>
            @if ($closed)
                <section class="sheet">
                    <h2>Its address</h2>
                    <p>It opens
                        {{ match (true) {
                            $job->link_until === null => 'while the job is open',
                            $job->link_until->isPast() => 'no more: it ended on ' . shop()->date($job->link_until),
                            default => 'until ' . shop()->date($job->link_until),
                        } }}.
                    </p>
                    <form method="post" action="{{ route('letter.renew', $job) }}">@csrf<button class="quiet">end
                            this address and make
                            another</button></form>
                </section>
                <p><a class="button" href="{{ route('collect.create', $job) }}">The owner is here: hand it over</a></p>
                @if ($invoice)
                    <p><a href="{{ route('invoices.show', $invoice) }}">Invoice {{ $invoice->number }}</a></p>
                @elseif ($job->own === null)
                    <x-issue-invoice :job="$job" />
                @endif
            @endif
        </aside>
    </div>
</x-layout>
