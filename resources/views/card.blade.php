@php
    $was = fn(string $field): string => (string) old($field, is_string(request($field)) ? request($field) : '');
@endphp

@php
    $fields = [
        'memory' => ['Memory', '4 GB'],
        'memory_type' => ['Kind of memory', 'GDDR5'],
        'bus' => ['Width of the bus, bits', '128'],
        'units' => ['Shader units', '768'],
    ];
@endphp

<x-layout :title="'Card ' . $job->tag" nav="job">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Is the card what it says?</h1>

    </div>
    <div class="columns two">
        <form class="sheet" method="get" action="{{ route('jobs.card', $job) }}" novalidate>
            <p>Network off and automatic drivers off first, and <a href="{{ route('jobs.show', $job) }}">count both as
                    off</a>: they are put
                back before it goes home.</p>
            <div class="pair">
                <div>
                    <h2>It says</h2>
                    @foreach ($fields as $field => [$label, $example])
                        <x-field :name="'says_' . $field" :label="$label" :value="$was('says_' . $field)" :placeholder="$example"
                            autocomplete="off" maxlength="40" />
                    @endforeach
                </div>
                <div>
                    <h2>Published of its model</h2>
                    @foreach ($fields as $field => [$label, $example])
                        <x-field :name="'published_' . $field" :label="$label" :value="$was('published_' . $field)" placeholder="if known"
                            autocomplete="off" maxlength="40" />
                    @endforeach
                </div>
            </div>
            <button class="main">Compare</button>
        </form>
        <div>
            <section class="sheet" aria-live="polite">
                @if ($identity === null)
                    <p>Nothing is compared yet. What the card says is read with the plain driver; leave what you do not
                        know.</p>
                @elseif (!$identity->wasCompared)
                    <h2>Too little to compare</h2>
                    <p>Type memory and bus of what it says, or the same thing on both sides.</p>
                @else<h2>{{ $identity->isFalse() ? 'It is not what it says' : 'Nothing speaks against it' }}</h2>
                    <ul>
                        @foreach ($identity->against as $sentence)
                            <li>{{ $sentence }}</li>
                        @endforeach
                    </ul>
                    <p><small>Memory hangs on the bus chip by chip: 32 bits each for GDDR, 16 for DDR on cards, in the
                            sizes that were made
                            (JEDEC, from memory).</small></p>
                    <x-record :job="$job" :written="$written"
                        :once="$once"><b>{{ $identity->isFalse() ? 'a false identity' : 'as published' }}</b><small>on
                            the
                            record</small></x-record>
                @endif
            </section>
            <section class="sheet">
                <h2>Beside a good one</h2>
                <p>Put a plain good card in the first slot with the screen on it, and the suspect in another slot with
                    every plug in. If the
                    system lists it there, it is not dead; if the machine stops again, it is the card or its slot.</p>
                <p class="caution">Lead out and drained before a card goes in or out. Is the supply large enough for
                    both? <a href="{{ route('jobs.supply', $job) }}">Add it up</a>.</p>
                <div class="outcomes"><x-record :job="$job" :written="json_encode([
                    ['kind' => 'finding', 'check' => 'card-beside', 'target' => 'card', 'result' => 'works'],
                ])" :once="$once . '-w'"><b>listed
                            beside it</b><small>on
                            the record</small></x-record>
                    <x-record :job="$job" :written="json_encode([
                        ['kind' => 'finding', 'check' => 'card-beside', 'target' => 'card', 'result' => 'fails'],
                    ])" :once="$once . '-x'" dim><b>not listed, or
                            stops</b><small>on the
                            record</small></x-record>
                </div>
            </section>
        </div>
    </div>
</x-layout>
