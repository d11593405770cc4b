{{--
    The forms of all looks and readings, one of them shown once it is picked. They hang on the machine and the catalogue alone, so they are
    kept (CheckForms); all that was sent and refused stands in them only where one was.
--}}
@php
    $points = new App\View\MeasuringPoints($page->catalogue);
@endphp

@foreach ($page->choices->checks() as $check)
    @php
        $sent = $kind === 'finding' && old('entry.check') === $check->id;
    @endphp

    <fieldset class="check" data-check="{{ $check->id }}" disabled hidden>
        <legend>{{ ucfirst($check->name) }}</legend>
        @if ($check->target && count($a->machine->ofKind($check->target)) > 1)
            <div class="field"><label for="c-t-{{ $check->id }}">On</label><select id="c-t-{{ $check->id }}"
                    name="entry[target]">
                    @foreach ($a->machine->ofKind($check->target) as $part)
                        <option value="{{ $part->id }}" @selected($sent && old('entry.target') === $part->id)>{{ $part->name }}
                        </option>
                    @endforeach
                </select>
            </div>
        @endif
        @if ($check->host && $page->hosts()->isNotEmpty())
            <div class="field"><label for="c-h-{{ $check->id }}">In which machine</label><select
                    id="c-h-{{ $check->id }}" name="entry[host]">
                    <option value="">choose</option>
                    @foreach ($page->hosts() as $host)
                        <option value="{{ $host->tag }}" @selected($sent && old('entry.host') === $host->tag)>{{ $host->tag }},
                            {{ $host->name }}, trusted
                            {{ \Orthoscope\Core\Plain\Percent::whole($host->trustNow()) }} in 100
                        </option>
                    @endforeach
                </select>
            </div>
        @endif
        @if ($check->which !== [])
            <fieldset class="choices">
                <legend>Which one, where something is found</legend>
                @foreach ($page->choices->which($check) as $part)
                    <label><input type="checkbox" name="entry[which][]" value="{{ $part->id }}"
                            @checked($sent && in_array($part->id, (array) old('entry.which'), true))>
                        {{ $part->name }}</label>
                @endforeach
            </fieldset>
        @endif
        @if ($check->drawing !== null)
            @php
                $drawing = $page->catalogue->drawings[$check->drawing];
            @endphp

            <fieldset class="spots" data-columns="{{ $drawing->columns }}">
                <legend>Where something is found, {{ $drawing->name }}</legend>
                @foreach ($drawing->spots as $spot)
                    @php
                        $picked = $sent && in_array($spot->id, (array) old('entry.spots'), true);
                    @endphp
                    <label class="c{{ $spot->column }} r{{ $spot->row }}"><input type="checkbox"
                            name="entry[spots][]" value="{{ $spot->id }}" @checked($picked)>
                        {{ $spot->name }}</label>
                @endforeach
            </fieldset>
        @endif
        @if ($check->host)
            @php
                $own = $sent ? old('entry.in_host.own', '') : '';
                $ticks = [
                    'again' => 'seated there once more, the same',
                    'same_board' => 'a board of the same model',
                ];
            @endphp

            <fieldset class="choices">
                <legend>With its own part back, that machine</legend>
                @foreach (['' => 'was not tried', 'runs' => 'runs', 'fails' => 'fails too'] as $value => $words)
                    <label><input type="radio" name="entry[in_host][own]" value="{{ $value }}"
                            @checked($own !== '' && $own === $value)> {{ $words }}</label>
                @endforeach
            </fieldset>
            <fieldset class="choices">
                <legend>And it was</legend>
                @foreach ($ticks as $value => $words)
                    <label><input type="checkbox" name="entry[in_host][{{ $value }}]" value="1"
                            @checked($sent && old("entry.in_host.{$value}"))> {{ $words }}</label>
                @endforeach
            </fieldset>
            @php
                $others = $page->choices->alsoInHost($check);
            @endphp

            @if ($others !== [])
                <fieldset class="choices">
                    <legend>In it together with</legend>
                    @foreach ($others as $part)
                        <label><input type="checkbox" name="entry[also][]" value="{{ $part->id }}"
                                @checked($sent && in_array($part->id, (array) old('entry.also'), true))>
                            {{ $part->name }}</label>
                    @endforeach
                </fieldset>
                <small>What works there works for all of them; what fails may be any.</small>
            @endif
        @endif
        @if ($check->limit)
            <div class="grid">
                @foreach ($page->catalogue->limits[$check->limit]->values as $value)
                    @continue($value->difference !== null)
                    @php
                        $key = "entry.values.{$value->id}";
                    @endphp

                    <div class="field"><label @php
$wrong = $sent && $errors->has($key); @endphp
                            for="c-{{ $check->id }}-{{ $value->id }}">{{ $points->label($value) }}</label><input
                            id="c-{{ $check->id }}-{{ $value->id }}" name="entry[values][{{ $value->id }}]"
                            inputmode="text" autocomplete="off" value="{{ $sent ? old($key) : '' }}"
                            @if ($wrong) aria-invalid="true" aria-describedby="e-{{ $check->id }}-{{ $value->id }}" @endif>
                        <small>{{ $points->limitWords($value) }}</small>
                        @if ($sent)
                            @error($key)
                                <p class="error" id="e-{{ $check->id }}-{{ $value->id }}">
                                    {{ $message }}</p>
                            @enderror
                        @endif
                    </div>
                @endforeach
            </div>
            <p class="source">{{ $points->limitSource($check->limit) }}</p>
        @endif
        @if ($check->id === 'socket-map')
            <p><a href="{{ route('jobs.socket', $job, absolute: false) }}">Mark the contacts on the drawing of the
                    socket</a>
            </p>
        @endif
        @if ($check->id === 'supply-sum')
            <p><a href="{{ route('jobs.supply', $job, absolute: false) }}">Add it up</a></p>
        @endif
        @if ($check->id === 'card-identity')
            <p><a href="{{ route('jobs.card', $job, absolute: false) }}">Hold it against what is published</a></p>
        @endif
        <div class="choices stack">
            @if ($check->limit)
                <small>Typed values are judged by their limits. Without values, say the result.</small>
            @endif
            @foreach ($check->results as $result)
                <label><input type="radio" name="entry[result]" value="{{ $result->id }}"
                        @checked($sent && old('entry.result') === $result->id)>
                    {{ $result->name }} @if ($loop->iteration < 10)
                        <kbd aria-hidden="true">{{ $loop->iteration }}</kbd>
                    @endif
                </label>
            @endforeach
        </div>
        @if ($check->asks !== [] && $sent && ($errors->has('entry.checked') || is_array(old('entry.checked'))))
            <div class="doubts">
                @foreach ($check->asks as $doubt)
                    <fieldset class="choices">
                        <legend>{{ $page->catalogue->doubts[$doubt]->ask }}</legend>
                        @foreach (['yes' => 'yes', 'no' => 'no', 'unknown' => 'nobody knows'] as $answer => $words)
                            <label><input type="radio" name="entry[checked][{{ $doubt }}]"
                                    value="{{ $answer }}" @checked(old("entry.checked.{$doubt}", 'unknown') === $answer)>
                                {{ $words }}</label>
                        @endforeach
                    </fieldset>
                @endforeach
            </div>
        @endif
    </fieldset>
@endforeach
