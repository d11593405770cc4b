{{-- Forms of the bench. Each is one entry; the core reads and judges it. A form that was refused opens again as it was. --}}
@php($sent = $errors->any() ? old('entry.kind') : null)
@php($kind = in_array($sent, ['start', 'finding', 'act', 'note', 'strike-out', 'override'], true) ? $sent : null)
@php($was = fn (string $of, string $key, mixed $default = ''): mixed => $kind === $of ? old($key, $default) : $default)
@php($error = fn (string ...$keys): string => collect($keys)->map(fn ($key) => $errors->first($key))->filter()->first() ?? '')
@if ($errors->any() && ! $kind)<p class="notice error" role="alert">{{ $errors->first() }}</p>@endif

<dialog id="d-start" aria-labelledby="t-start" @if ($kind === 'start') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="start"><input type="hidden" name="once" value="{{ $page->once }}-f1">
        <input type="hidden" name="before" value="{{ old('before') }}" data-act-field>
        <header><h2 id="t-start">Record a start</h2><span data-step-name></span></header>
        @if ($kind === 'start')<p class="error" role="alert">{{ $error('entry.reached', 'entry.kind', 'entry.setup', 'entry.signs') }}</p>@endif
        <fieldset class="reaches"><legend>How far did it get?</legend>
            @foreach ($page->catalogue->reaches as $reach)<label><input type="radio" name="entry[reached]" value="{{ $reach->id }}" data-reach-key="{{ $reach->key }}" @checked(old('entry.reached') === $reach->id)><kbd>{{ $reach->key }}</kbd> {{ $reach->name }}</label>@endforeach
        </fieldset>
        <fieldset class="signs"><legend>What did it show? Leave what you did not look at.</legend>
            @foreach ($page->channels() as $channel)<div class="field"><label for="s-{{ $channel->id }}">{{ $channel->name }}</label><select id="s-{{ $channel->id }}" name="entry[signs][{{ $channel->id }}]"><option value="">–</option>@foreach ($channel->values as $value => $words)<option value="{{ $value }}" @selected(old('entry.signs.'.$channel->id) === (string) $value)>{{ $words }}</option>@endforeach</select></div>@endforeach
        </fieldset>
        <div class="row3">
            <div class="field"><label for="s-waited">Waited, seconds</label><input id="s-waited" name="entry[waited]" inputmode="numeric" value="{{ old('entry.waited') }}" @error('entry.waited') aria-invalid="true" aria-describedby="e-waited" @enderror>@error('entry.waited')<p class="error" id="e-waited">{{ $message }}</p>@enderror</div>
            <div class="field"><label for="s-times">Times like this</label><input id="s-times" name="entry[times]" inputmode="numeric" value="{{ old('entry.times', 1) }}" @error('entry.times') aria-invalid="true" aria-describedby="e-times" @enderror>@error('entry.times')<p class="error" id="e-times">{{ $message }}</p>@enderror</div>
            <div class="field"><label for="s-text">Remark</label><input id="s-text" name="entry[text]" value="{{ $was('start', 'entry.text') }}"></div>
        </div>
        <details class="setup" @if ($kind === 'start') open @endif><summary>How it was put together: <b data-setup-words>as it came</b></summary>
            <div class="grid">
                <div class="field"><label for="u-place">Where</label><select id="u-place" name="entry[setup][place]"><option value="case">in its case</option><option value="bench" @selected(old('entry.setup.place') === 'bench')>out, on the mat</option></select></div>
                <div class="field"><label for="u-by">Started by</label><select id="u-by" name="entry[setup][start_by]"><option value="button">button</option><option value="pins" @selected(old('entry.setup.start_by') === 'pins')>the pins</option></select></div>
                <div class="field"><label for="u-temp">Temperature</label><select id="u-temp" name="entry[setup][temperature]"><option value="">as it was</option><option value="cold" @selected(old('entry.setup.temperature') === 'cold')>cold, stood</option><option value="warm" @selected(old('entry.setup.temperature') === 'warm')>warm, at work</option></select></div>
                <div class="field"><label for="u-goal">How long</label><select id="u-goal" name="entry[setup][goal]"><option value="system">to log-in</option>@foreach (['picture' => 'to a picture', 'load' => 'a long run at work', 'hours' => 'for hours'] as $goal => $words)<option value="{{ $goal }}" @selected(old('entry.setup.goal') === $goal)>{{ $words }}</option>@endforeach</select></div>
                @if ($page->assessment->machine->has('output'))<div class="field"><label for="u-output">Screen on</label><select id="u-output" name="entry[setup][output]"><option value="own">its own output</option><option value="other" @selected(old('entry.setup.output') === 'other')>another output</option></select></div>@endif
                @foreach ($page->changeable() as $part)
                    <div class="field"><label for="u-{{ $part->id }}">{{ $part->name }}</label><select id="u-{{ $part->id }}" name="entry[setup][parts][{{ $part->id }}]" data-part-state="{{ $part->id }}">@foreach ($page->states($part) as $state)<option value="{{ $state['value'] }}" @selected(old('entry.setup.parts.'.$part->id) === $state['value'])>{{ $state['words'] }}</option>@endforeach</select></div>
                @endforeach
            </div>
        </details>
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">On the record</button></footer>
    </form>
</dialog>

<dialog id="d-check" aria-labelledby="t-check" @if ($kind === 'finding') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate x-data="check">@csrf
        <input type="hidden" name="entry[kind]" value="finding"><input type="hidden" name="once" value="{{ $page->once }}-f2">
        <header><h2 id="t-check">Look or measure</h2></header>
        @if ($kind === 'finding')<p class="error" role="alert">{{ $error('entry.target', 'entry.result', 'entry.check', 'entry.kind') }}</p>@endif
        <div class="field"><label for="c-check">What</label><select id="c-check" name="entry[check]" x-ref="check" x-on:change="choose">@foreach ($page->checks() as $check)<option value="{{ $check->id }}" @selected(old('entry.check') === $check->id)>{{ $check->name }}</option>@endforeach</select></div>
        @foreach ($page->checks() as $check)
            <fieldset class="check" data-check="{{ $check->id }}" disabled hidden><legend>{{ ucfirst($check->name) }}</legend>
                @if ($check->target && count($a->machine->ofKind($check->target)) > 1)
                    <div class="field"><label for="c-t-{{ $check->id }}">On</label><select id="c-t-{{ $check->id }}" name="entry[target]">@foreach ($a->machine->ofKind($check->target) as $part)<option value="{{ $part->id }}" @selected(old('entry.target') === $part->id)>{{ $part->name }}</option>@endforeach</select></div>
                @endif
                @if ($check->limit)
                    <div class="grid">@foreach ($page->catalogue->limits[$check->limit]['values'] as $value)
                        @php($key = "entry.values.{$value['id']}")
                        <div class="field"><label for="c-{{ $check->id }}-{{ $value['id'] }}">{{ $value['name'] }}, {{ $value['unit'] }}</label><input id="c-{{ $check->id }}-{{ $value['id'] }}" name="entry[values][{{ $value['id'] }}]" inputmode="decimal" value="{{ old('entry.check') === $check->id ? old($key) : '' }}" @if (old('entry.check') === $check->id && $errors->has($key)) aria-invalid="true" aria-describedby="e-{{ $check->id }}-{{ $value['id'] }}" @endif>
                            <small>{{ implode(' or ', array_map(fn ($n) => $n['low'].' to '.$n['high'], $value['nominals'])) }}</small>
                            @if (old('entry.check') === $check->id)@error($key)<p class="error" id="e-{{ $check->id }}-{{ $value['id'] }}">{{ $message }}</p>@enderror @endif</div>
                    @endforeach</div>
                    <p class="source">Limits: {{ implode('; ', array_unique(array_merge(...array_map(fn ($v) => array_column($v['nominals'], 'source'), $page->catalogue->limits[$check->limit]['values'])))) }}</p>
                @endif
                <div class="choices stack">@if ($check->limit)<small>Typed values are judged by their limits. Without values, say the result.</small>@endif
                @foreach ($check->results as $result)<label><input type="radio" name="entry[result]" value="{{ $result->id }}" @checked(old('entry.check') === $check->id && old('entry.result') === $result->id)> {{ $result->name }}</label>@endforeach</div>
            </fieldset>
        @endforeach
        <div class="field"><label for="c-text">Remark</label><input id="c-text" name="entry[text]" value="{{ $was('finding', 'entry.text') }}"></div>
        <p class="caution">Mains and supplies can kill: lead out before hands go in, never open a supply, leave house wiring to a licensed electrician.</p>
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">On the record</button></footer>
    </form>
</dialog>

<dialog id="d-act" aria-labelledby="t-act" @if ($kind === 'act') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate x-data="act">@csrf
        <input type="hidden" name="entry[kind]" value="act"><input type="hidden" name="once" value="{{ $page->once }}-f3">
        <header><h2 id="t-act">Repair</h2></header>
        @if ($kind === 'act')<p class="error" role="alert">{{ $errors->first() }}</p>@endif
        <div class="row2">
            <div class="field"><label for="a-act">What was done</label><select id="a-act" name="entry[act]" x-ref="act" x-on:change="choose">@foreach ($page->acts() as $act)<option value="{{ $act->id }}" data-caution="{{ $act->caution }}" @selected(old('entry.act', $advice->repair?->act->id) === $act->id)>{{ $act->name }}</option>@endforeach</select></div>
            <div class="field"><label for="a-on">To</label><select id="a-on" name="entry[on]">@foreach ($page->parts() as $part)<option value="{{ $part->id }}" @selected(old('entry.on', $advice->repair?->part->id) === $part->id)>{{ $part->name }}</option>@endforeach</select></div>
        </div>
        <p class="caution" x-ref="caution" hidden></p>
        <div class="field"><label for="a-text">Remark</label><input id="a-text" name="entry[text]" value="{{ $was('act', 'entry.text') }}"></div>
        <label class="tick"><input type="checkbox" name="entry[begun]" value="1" @checked(old('entry.begun'))> The firmware is being written: nothing may be touched until it is done</label>
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">On the record</button></footer>
    </form>
</dialog>

<dialog id="d-note" aria-labelledby="t-note" @if ($kind === 'note') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="note"><input type="hidden" name="once" value="{{ $page->once }}-f4">
        <header><h2 id="t-note">Note</h2></header>
        <x-field name="entry[text]" label="Note for the record" area within="n" :kept="$kind === 'note'"/>
        <label class="tick"><input type="checkbox" name="entry[consent]" value="1" @checked(old('entry.consent'))> The owner agrees to work beyond the log-in screen</label>
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">On the record</button></footer>
    </form>
</dialog>

<dialog id="d-strike" aria-labelledby="t-strike" @if ($kind === 'strike-out') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="strike-out"><input type="hidden" name="once" value="{{ $page->once }}-f5">
        <header><h2 id="t-strike">Strike out</h2></header>
        <div class="field"><label for="x-entry">Which entry</label><select id="x-entry" name="entry[entry]">@foreach ($page->rows() as $row)@if ($row->canBeStruck())<option value="{{ $row->entry->number }}" @selected((int) old('entry.entry') === $row->entry->number)>{{ $row->entry->number }}: {{ $page->words->deed($row->entry) }}, {{ $page->words->outcome($row->entry) }}</option>@endif @endforeach</select>
            @error('entry.entry')<p class="error">{{ $message }}</p>@enderror</div>
        <x-field name="entry[text]" label="Why" autocomplete="off" within="x" :kept="$kind === 'strike-out'" hint="It stays on the record, crossed out. All that follows from it is worked out again."/>
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">Strike out</button></footer>
    </form>
</dialog>

@can('lead')
<dialog id="d-override" aria-labelledby="t-override" @if ($kind === 'override') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="override"><input type="hidden" name="once" value="{{ $page->once }}-f6">
        <header><h2 id="t-override">Set a lock aside</h2></header>
        <div class="field"><label for="o-lock">Lock</label><select id="o-lock" name="entry[lock]">@foreach ($a->locks->active as $active)<option value="{{ $active->lock->id }}">{{ $active->lock->name }}: {{ $active->lock->sentence }}</option>@endforeach</select></div>
        <x-field name="entry[text]" label="Why it is safe" autocomplete="off" within="o" :kept="$kind === 'override'" hint="Your name and reason stay on the record."/>
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">Set aside</button></footer>
    </form>
</dialog>
@endcan

<dialog id="d-keys" aria-labelledby="t-keys">
    <header><h2 id="t-keys">Keys</h2></header>
    <dl class="keylist">
        <dt><kbd>/</kbd></dt><dd>find or scan a tag</dd><dt><kbd>1</kbd>…<kbd>6</kbd></dt><dd>open a step</dd><dt><kbd>a</kbd>…<kbd>d</kbd></dt><dd>record that outcome of the open step</dd>
        <dt><kbd>t</kbd></dt><dd>record a start; then the letter beside the outcome, then Enter</dd><dt><kbd>m</kbd></dt><dd>look or measure</dd><dt><kbd>r</kbd></dt><dd>repair</dd><dt><kbd>n</kbd></dt><dd>note</dd><dt><kbd>x</kbd></dt><dd>strike out</dd><dt><kbd>h</kbd></dt><dd>hand over: where it stands, as a note</dd><dt><kbd>Esc</kbd></dt><dd>leave a form</dd>
    </dl>
    <h3>Marks</h3>
    <ul class="legend">@foreach (Orthoscope\Core\Diagnosis\Standing::cases() as $standing)<li><x-mark :standing="$standing->value"/> {{ $standing->words() }}</li>@endforeach</ul>
    <footer><button type="button" class="main" data-close>Good</button></footer>
</dialog>
