@php
    $cleanStart = json_encode([['kind' => 'start', 'reached' => 'stays']]);
    $proof = $assessment->proof;
@endphp

<x-layout :title="'Prove ' . $job->tag" nav="job" in-place>
    <x-job-frame :job="$job" at="prove" />
    <div class="head">
        <h1>Prove it</h1>
        <p>{{ ['quick' => 'quickly, as the owner wanted', 'usual' => 'as usual', 'long' => 'long, as the owner wanted'][$depth] }}.
            <x-what says="sound">{{ (int) floor(100 * $assessment->sound) }} % sure</x-what> that nothing is wrong any
            more.
        </p>
        @if ($plan->isComplete())
            <a class="button" href="{{ route('closing.create', $job) }}">All is proved: close the job</a>
        @endif
    </div>
    <div class="columns two prove-page">
        <section class="sheet">
            <h2>Starts</h2>
            <ul class="proof">
                @foreach ($proof->places as $place)
                    <li>{{ App\View\Mark::of($place->entry ? 'proved' : 'not-tested') }} {{ $place->name }}
                        @if ($place->entry)
                            <small>entry {{ $place->entry }}</small>
                        @elseif ($place === $proof->nextPlace())
                            <x-record :job="$job" :written="json_encode($place->cleanStart())" :once="$once . '-' . $loop->index"><b>it
                                    stayed up</b></x-record>
                        @else
                            <small>after that</small>
                        @endif
                    </li>
                @endforeach
                <li>{{ App\View\Mark::of($assessment->proof->isBelieved ? 'proved' : 'not-alone') }}
                    {{ $proof->clean }} clean in a row
                    @if ($proof->inside && !$proof->isBelieved)
                        <x-record :job="$job" :written="$cleanStart" :once="$once . '-c'"><b>one more clean
                                start</b></x-record>
                    @endif
                </li>
            </ul>
            @foreach (array_unique([...$clean->sentences($assessment->sound), ...array_filter([$proof->wanted])]) as $sentence)
                <p>{{ $sentence }}</p>
            @endforeach
            @foreach ($proof->notBack as $off)
                <p class="caution">Not back yet: {{ $off->words() }}.</p>
            @endforeach
            <h2>Beside them</h2>
            @if ($plan->items === [])
                <p>Nothing more is asked.</p>
            @endif
            <ul class="proof plan">
                @foreach ($plan->items as $i => $item)
                    @php
                        $mark = [
                            'done' => 'proved',
                            'failed' => 'condemned',
                            'owed' => 'not-tested',
                            'locked' => 'hidden',
                        ][$item->state->value];
                    @endphp
                    <li>{{ App\View\Mark::of($mark) }}
                        <div>
                            @php
                                $which =
                                    $item->target && count($drives) > 1
                                        ? ', ' . $assessment->machine->part($item->target)->name
                                        : '';
                            @endphp
                            <b>{{ $item->item->name }}{{ $which }}</b>
                            @php
                                $words =
                                    $item->state === Orthoscope\Core\HandBack\PlanState::Owed
                                        ? $item->why
                                        : $item->state->words() . ($item->entry ? ", entry {$item->entry}" : '');
                            @endphp
                            <small>{{ $words }}</small>
                        </div>
                        @if ($item->state->value === 'failed' && $item->item->check)
                            @php
                                $mends = Orthoscope\Core\Words\RepairsInWords::of(
                                    $item->item->check,
                                    (string) $item->result,
                                    $catalogue,
                                );
                            @endphp

                            @if ($mends !== '')
                                <small class="mends">What mends it: {{ $mends }}. <a
                                        href="{{ route('jobs.decide', $job) }}">What
                                        each costs</a></small>
                            @endif
                        @endif
                        @if ($item->isOwed())
                            <div class="outcomes">
                                @if ($item->item->check)
                                    @php
                                        $check = $catalogue->check($item->item->check);
                                    @endphp

                                    @if ($check->limit)
                                        <form method="post" action="{{ route('entries.store', $job) }}" class="typed"
                                            novalidate>
                                            @csrf<input type="hidden" name="entry[kind]" value="finding"><input
                                                type="hidden" name="entry[check]" value="{{ $check->id }}"><input
                                                type="hidden" name="once"
                                                value="{{ $once }}-v{{ $i }}">
                                            @if ($item->target)
                                                <input type="hidden" name="entry[target]" value="{{ $item->target }}">
                                            @endif
                                            @foreach ($catalogue->limits[$check->limit]->values as $value)
                                                @if (!$value->optional)
                                                    @php
                                                        $typed =
                                                            old('entry.check') === $check->id
                                                                ? old("entry.values.{$value->id}")
                                                                : '';
                                                    @endphp
                                                    <label>{{ $value->name }}, {{ $value->unit }} <input
                                                            name="entry[values][{{ $value->id }}]"
                                                            value="{{ $typed }}" inputmode="decimal"
                                                            autocomplete="off"></label>
                                                @endif
                                            @endforeach
                                            <button class="outcome">judge it</button>
                                            @if (old('entry.check') === $check->id && $errors->any())
                                                <p class="error" role="alert">{{ $errors->first() }}</p>
                                            @endif
                                        </form>
                                    @else
                                        @foreach (array_reverse($check->results) as $r => $result)
                                            <x-record :job="$job" :written="json_encode([
                                                array_filter([
                                                    'kind' => 'finding',
                                                    'check' => $check->id,
                                                    'target' => $item->target,
                                                    'result' => $result->id,
                                                ]),
                                            ])" :once="$once . '-p' . $i . '-' . $r"
                                                :dim="$r > 0"><b>{{ $result->name }}</b></x-record>
                                        @endforeach
                                    @endif
                                @else
                                    <x-record :job="$job" :written="json_encode([
                                        [
                                            'kind' => 'start',
                                            'reached' => 'stays',
                                            'setup' => $item->item->setUp->toArray(),
                                        ],
                                    ])" :once="$once . '-p' . $i"><b>it stayed
                                            up</b></x-record>
                                    <x-record :job="$job" :written="json_encode([
                                        [
                                            'kind' => 'start',
                                            'reached' => 'drops',
                                            'setup' => $item->item->setUp->toArray(),
                                        ],
                                    ])" :once="$once . '-q' . $i" dim><b>it dropped
                                            out</b></x-record>
                                @endif
                            </div>
                        @elseif ($item->state->value === 'locked')
                            <small>Ask the owner, and record the leave in a note on the job.</small>
                        @endif
                    </li>
                @endforeach
            </ul>
        </section>
        <div>
            <form class="sheet scan" method="post" action="{{ route('results.store', $job) }}" novalidate>@csrf<input
                    type="hidden" name="once" value="{{ $once }}-s">
                <div class="field"><label for="s-code">Scan a result card</label><input id="s-code" name="code"
                        maxlength="60" autocomplete="off" autocapitalize="characters" autofocus x-data="scanned"
                        value="{{ old('code') }}"
                        @error('code') aria-invalid="true" aria-describedby="s-code-error" @enderror>
                    @error('code')
                        <p class="error" id="s-code-error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
                <button class="visually-hidden" tabindex="-1">Take it</button>
                <p><a href="{{ route('results.cards') }}">The cards, to print</a></p>
            </form>
            <form class="sheet" method="post" action="{{ route('reports.import', $job) }}"
                enctype="multipart/form-data" novalidate>@csrf
                <h2>Import a report</h2>
                <fieldset class="choices stack">
                    <legend>Tool</legend>
                    @foreach (Orthoscope\Core\Imports\ToolReport::KINDS as $kind => $words)
                        <label><input type="radio" name="kind" value="{{ $kind }}"
                                @checked(old('kind', 'sensors') === $kind)>
                            <code>{{ $words }}</code></label>
                    @endforeach
                </fieldset>
                <div class="field"><label for="i-report">File</label><input id="i-report" type="file"
                        name="report">
                    @error('report')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
                <div class="pair"><x-field name="room" label="Room temperature, °C" inputmode="decimal"
                        hint="for sensors" autocomplete="off" />
                    <div class="field"><label for="i-drive">Drive</label><select id="i-drive" name="drive">
                            <option value="">the one it has</option>
                            @foreach ($drives as $drive)
                                <option value="{{ $drive->id }}" @selected(old('drive') === $drive->id)>{{ $drive->name }}
                                </option>
                            @endforeach
                        </select><small>for smartctl</small></div>
                </div>
                <button class="main">Read report</button>
                <p><small>What it shows goes on the record as a finding. One that fails is evidence like any other, and
                        opens the question
                        again.</small></p>
            </form>
        </div>
    </div>
</x-layout>
