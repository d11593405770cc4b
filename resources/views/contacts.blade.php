<x-layout :title="'Contacts ' . $job->tag" nav="job">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>What met this machine</h1>
        <p>Since {{ shop()->date($since, time: true) }}, and what that met
            later</p>
    </div>
    <div class="columns shelf">
        <section class="sheet">
            @if ($trace->spares === [])
                <p>No spare was in it since then.</p>
            @else
                <svg class="contact-chain" viewBox="0 0 640 {{ 44 * (count($trace->spares) + count($trace->jobs)) }}"
                    role="img"
                    aria-label="{{ implode('; ', array_map(fn($one) => $one->name . ' from ' . $one->by, $trace->spares)) }}">
                    @php

                        $rows = collect([...array_values($trace->jobs), ...array_values($trace->spares)])
                            ->sortBy(fn($one) => [$one->steps, $one->at->getTimestamp()])
                            ->values();
                    @endphp

                    @php
                        $at = $rows->mapWithKeys(fn($one, $i) => [$one->name => 44 * $i + 22]);
                    @endphp

                    @foreach ($rows as $i => $one)
                        @php
                            $x = 20 + 90 * $one->steps;
                        @endphp

                        @if ($one->by !== null)
                            <path class="way"
                                d="M{{ $x - 90 + 34 }} {{ $at[$one->by] + 12 }}V{{ $at[$one->name] }}H{{ $x }}" />
                        @endif
                        <rect class="{{ isset($trace->spares[$one->name]) ? 'spare' : 'machine-box' }}"
                            x="{{ $x }}" y="{{ $at[$one->name] - 13 }}" width="84" height="26"
                            rx="4" /><text x="{{ $x + 42 }}"
                            y="{{ $at[$one->name] + 5 }}">{{ $one->name }}</text>
                        <text class="when" x="{{ $x + 94 }}"
                            y="{{ $at[$one->name] + 5 }}">{{ $one->at->format('j M, H:i') }}
                            @if (isset($ruined[$one->name]))
                                · ruined with {{ round(100 * $ruined[$one->name], 1) }} %
                            @endif
                        </text>
                    @endforeach
                </svg>
                <ul>
                    @foreach ($trace->spares as $tag => $contact)
                        <li><a class="lent" href="{{ route('spares.show', $tag) }}">{{ $tag }}</a> met
                            {{ $contact->by }} on
                            {{ $contact->at->format('j M, H:i') }}: ruined with
                            {{ round(100 * ($ruined[$tag] ?? 0), 1) }} %,
                            {{ $spares[$tag]->status === 'quarantined' ? 'in quarantine' : $spares[$tag]->whereNow() }}
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
        <div>
            <form class="sheet" method="get" action="{{ route('contacts.show', $job) }}">
                <h2>Since when?</h2><x-field name="since" label="The harm could have begun" type="datetime-local"
                    :value="$since->format('Y-m-d\TH:i')" />
                <button>Trace again</button>
            </form>
            <form class="sheet" method="post" action="{{ route('contacts.store', $job) }}" novalidate>@csrf<input
                    type="hidden" name="since" value="{{ $since->format('Y-m-d H:i:s') }}">
                <h2>Into quarantine</h2>
                <p>All of them, each trusted less by what is worked out, until it is proved again.</p>
                <x-field name="reason" label="What did the harm" placeholder="supply, +12 V went high" maxlength="150"
                    autocomplete="off" />
                <x-field name="harm" label="How likely it destroys what is put into it, %" inputmode="numeric"
                    :value="max(1, (int) round(100 * $harm))" hint="worked out from the record; higher if you saw it happen" />
                <button class="main">Into quarantine</button>
            </form>
        </div>
    </div>
</x-layout>
