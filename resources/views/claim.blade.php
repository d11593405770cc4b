@php
    $money = fn(int $minor): string => shop()->money()->words($minor);
@endphp

<x-layout :title="'Claim ' . $claim->id" nav="comebacks">
    @php
        $deadline = $claim->deadline ? ', deadline ' . shop()->date($claim->deadline) : '';
    @endphp
    <div class="head"><a class="tag" href="{{ route('jobs.show', $claim->job) }}">{{ $claim->job->tag }}</a>
        <h1>Claim {{ $claim->id }}</h1>
        <p>{{ $claim->part_tag !== '' ? $claim->part_tag . ', ' : '' }}{{ $pack->part }} to {{ $claim->to }}:
            {{ App\Models\SupplierClaim::STATES[$claim->state] }}{{ $deadline }}
        </p><a class="button" href="{{ route('claims.pdf', $claim) }}">Evidence, PDF</a><a class="button"
            href="{{ route('claims.json', $claim) }}">JSON</a>
    </div>
    @if ($claim->escalation()->sentence() !== '' && in_array($claim->state, ['open', 'sent'], true))
        <p class="notice" role="note"><b>One door further.</b> {{ $claim->escalation()->sentence() }}</p>
    @endif
    @if ($claim->foundNothing() >= 2)
        @php
            $ask =
                $sides->ask === null
                    ? 'Our starts do not say under which condition it fails: try it cold, warm, long and in its case first.'
                    : "Ask them to try it {$sides->ask}.";
        @endphp
        <p class="notice" role="note"><b>They found nothing {{ $claim->foundNothing() }} times.</b>
            {{ $ask }}
        </p>
    @endif
    <div class="columns two beside">
        <section class="sheet">
            <h2>What was tried</h2>
            <p>{{ $claim->reason }}</p>
            <p>{{ $pack->verdict }}</p>
            @if ($pack->trials === [])
            <p>Nothing on the record speaks of it yet.</p>@else<table class="list">
                    <thead>
                        <tr>
                            <th scope="col" class="num">Entry</th>
                            <th scope="col">What</th>
                            <th scope="col">Part</th>
                            <th scope="col">Came of it</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($pack->trials as $trial)
                            <tr>
                                <td class="num">{{ $trial['entry'] }}</td>
                                <td>{{ $trial['what'] }}</td>
                                <td>{{ $trial['with'] }}</td>
                                <td>{{ $trial['result'] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <p><a href="{{ route('photos.index', $claim->job) }}">{{ $photos }}
                    {{ $photos === 1 ? 'photograph' : 'photographs' }}</a> go with it.</p>
            @if ($claim->foundNothing() >= 1)
                <h2>The two benches</h2>
                <table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Condition</th>
                            <th scope="col">Failed here</th>
                            <th scope="col">Their bench</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($sides->ours as $condition => $ours)
                            <tr>
                                <td>{{ $condition }}</td>
                                <td @class(['differs' => $ours !== $sides->theirs[$condition]])>{{ $ours }}</td>
                                <td>{{ $sides->theirs[$condition] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <div>
            <section class="sheet">
                <h2>Rounds</h2>
                @if ($claim->rounds === [])
                <p>It was not sent yet.</p>@else<ol class="rounds">
                        @foreach ($claim->rounds as $round)
                            <li><b>{{ \Illuminate\Support\Carbon::parse($round['sent'])->format('j M') }}</b>
                                sent{{ $round['condition'] !== '' ? ', asking for: ' . $round['condition'] : '' }}.
                                @if ($round['answer'])
                                    <b>{{ Orthoscope\Core\Supplier\ClaimAnswer::from($round['answer'])->words() }}</b>
                                    {{ $round['words'] }}
                                @else
                                    No answer yet.
                                @endif
                            </li>
                        @endforeach
                    </ol>
                @endif
                <p>Shipping so far {{ $money($claim->shipping) }}, other costs we bore {{ $money($claim->borne) }},
                    back
                    {{ $money($claim->got) }}.
                    @if ($claim->next_at)
                        Next word {{ shop()->date($claim->next_at) }}.
                    @endif
                </p>
                @if ($claim->talks !== [])
                    <h2>Said and written</h2>
                    <ol class="rounds">
                        @foreach ($claim->talks as $talk)
                            @php
                                $whom = implode(', ', array_filter([$talk['whom'], $talk['reference']]));
                            @endphp
                            <li><b>{{ \Illuminate\Support\Carbon::parse($talk['at'])->format('j M') }}</b>
                                {{ App\Models\SupplierClaim::WAYS[$talk['way']] }}{{ $whom === '' ? '' : " ({$whom})" }}:
                                {{ $talk['words'] }}
                                @if ($talk['promised'])
                                    <b>Promised for
                                        {{ \Illuminate\Support\Carbon::parse($talk['promised'])->format('j M') }}.</b>
                                @endif
                                <small>{{ $talk['by'] }}</small>
                            </li>
                        @endforeach
                    </ol>
                @endif
            </section>
            @if ($claim->state === 'open')
                <form class="sheet" method="post" action="{{ route('claims.send', $claim) }}" novalidate>@csrf<h2>
                        Send it</h2>
                    <x-field name="condition" label="Condition under which it fails" maxlength="200" autocomplete="off"
                        :value="$claim->foundNothing() > 0 ? $sides->ask : ''" hint="leave empty to send it as it was found" />
                    <x-field name="shipping" :label="'Shipping, ' . shop()->money()->sign" inputmode="decimal" autocomplete="off" />
                    <button class="main">It is on its
                        way</button>
                </form>
            @elseif ($claim->state === 'sent')
                <form class="sheet" method="post" action="{{ route('claims.answer', $claim) }}" novalidate>@csrf<h2>
                        The answer</h2>
                    <div class="field"><label for="a-answer">They say</label><select id="a-answer" name="answer">
                            @if ($claim->order && $claim->order->supplier_id === null && config('shop.suppliers') === 'simulated')
                                <option value="ask">ask the simulated supplier</option>
                                @endif @foreach (Orthoscope\Core\Supplier\ClaimAnswer::cases() as $answer)
                                    <option value="{{ $answer->value }}" @selected(old('answer') === $answer->value)>
                                        {{ $answer->words() }}</option>
                                @endforeach
                        </select>
                        @error('answer')
                            <p class="error">{{ $message }}</p>
                        @enderror
                    </div>
                    <x-field name="words" label="In their words; who said it, when" maxlength="300"
                        autocomplete="off" />
                    <x-field name="got" :label="'Money back, ' . shop()->money()->sign" inputmode="decimal" autocomplete="off" />
                    <button class="main">Save answer</button>
                </form>
            @endif
            @if (in_array($claim->state, ['open', 'sent'], true))
                <form class="sheet" method="post" action="{{ route('claims.talk', $claim) }}" novalidate>@csrf<h2>A
                        call
                        or a letter</h2>
                    <div class="pair">
                        <div class="field"><label for="t-way">How</label><select id="t-way" name="way">
                                @foreach (App\Models\SupplierClaim::WAYS as $way => $words)
                                    <option value="{{ $way }}" @selected(old('way') === $way)>
                                        {{ $words }}</option>
                                @endforeach
                            </select>
                            @error('way')
                                <p class="error">{{ $message }}</p>
                            @enderror
                        </div>
                        <x-field name="whom" label="With whom" maxlength="80" autocomplete="off" within="t" />
                    </div>
                    <x-field name="words" label="What was said" area maxlength="400" within="t" />
                    <div class="triple"><x-field name="promised" label="Promised for" type="date" within="t" />
                        <x-field name="reference" label="Their number" maxlength="60" autocomplete="off"
                            within="t" />
                        <x-field name="borne" :label="'It cost us, ' . shop()->money()->sign" inputmode="decimal" autocomplete="off"
                            within="t" />
                    </div>
                    <button class="main">Save</button>
                </form>
                <form class="sheet" method="post" action="{{ route('claims.give-up', $claim) }}">@csrf<button
                        class="quiet">give it up,
                        and keep what it cost with the job</button></form>
            @endif
        </div>
    </div>
</x-layout>
