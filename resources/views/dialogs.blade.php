{{-- Forms of the bench. Each is one entry; the core reads and judges it. A form that was refused opens again as it was. --}}
@php
    $sent = $errors->any() ? old('entry.kind') : null;
@endphp

@php
    $kind = in_array($sent, ['start', 'finding', 'act', 'note', 'strike-out', 'override', 'tally', 'report'], true)
        ? $sent
        : null;
@endphp

@php
    $was = fn(string $of, string $key, mixed $default = ''): mixed => $kind === $of ? old($key, $default) : $default;
@endphp

@php
    $error = fn(string ...$keys): string => collect($keys)->map(fn($key) => $errors->first($key))->filter()->first() ??
        '';
@endphp

@if ($errors->any() && !$kind && !$errors->has('reading'))
    <p class="notice error" role="alert">
        {{ $errors->first() }}</p>
@endif

@include('dialogs.start')
@include('dialogs.check')

<dialog id="d-act" aria-labelledby="t-act" @if ($kind === 'act') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate x-data="act">@csrf
        <input type="hidden" name="entry[kind]" value="act"><input type="hidden" name="once"
            value="{{ $page->once }}-f3">
        <header>
            <h2 id="t-act">Repair</h2>
        </header>
        @if ($kind === 'act')
            <p class="error" role="alert">{{ $errors->first() }}</p>
        @endif
        <div class="row2">
            <div class="field"><label for="a-act">What was done</label><select id="a-act" name="entry[act]"
                    x-ref="act" x-on:change="choose">
                    @foreach ($page->choices->acts() as $act)
                        @php
                            $done = old('entry.act', $advice->repair?->act->id);
                        @endphp
                        <option value="{{ $act->id }}" data-caution="{{ $act->caution }}"
                            data-useful="{{ $page->choices->usefulOn($act) }}" @selected($done === $act->id)>
                            {{ $act->name }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field"><label for="a-on">To</label><select id="a-on" name="entry[on]" x-ref="on"
                    x-on:change="pickPart">
                    @foreach ($page->choices->parts() as $part)
                        @php
                            $picked = old('entry.on', $advice->repair?->part->id);
                        @endphp
                        <option value="{{ $part->id }}" @selected($picked === $part->id)>{{ $part->name }}</option>
                    @endforeach
                </select>
            </div>
        </div>
        <p class="caution" x-ref="caution" hidden></p>
        <div class="field" x-ref="with" hidden><label for="a-with">With</label><select id="a-with"
                name="entry[with][tag]" disabled>
                <option value="new">a new part</option>
                @foreach ($job->orders->where('state', 'arrived') as $order)
                    <option value="{{ $order->tag }}" data-kind="{{ $order->kind }}" @selected(old('entry.with.tag') === $order->tag)>
                        {{ $order->tag }}
                        {{ $order->name }}, ordered for this job</option>
                    @endforeach @foreach ($page->shelf->spares as $spare)
                        @continue($job->orders->contains('tag', $spare->tag))
                        <option value="{{ $spare->tag }}" data-kind="{{ $spare->kind }}"
                            @selected(old('entry.with.tag') === $spare->tag)>
                            {{ $spare->tag }} {{ $spare->name }}, off the shelf</option>
                    @endforeach
            </select>
        </div>
        <div class="field" x-ref="agent" hidden><label for="a-agent">Dried after</label><select id="a-agent"
                name="entry[agent]" disabled>
                @foreach (Orthoscope\Core\Evidence\ActDone::AGENTS as $agent => $words)
                    <option value="{{ $agent }}" @selected(old('entry.agent') === $agent)>{{ $words }}</option>
                @endforeach
            </select>
            <small>24 hours after any water, 4 where isopropyl alone was used.</small>
        </div>
        <div class="row2">
            <div class="field" x-ref="old" hidden><label for="a-old">The old part</label><select id="a-old"
                    name="entry[old]" disabled>
                    <option value="">not said</option>
                    @foreach (Orthoscope\Core\Evidence\ActDone::FATES as $fate => $words)
                        <option value="{{ $fate }}" @selected(old('entry.old') === $fate)>{{ $words }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field" x-ref="ohms" hidden><label for="a-asked">Ohms asked for, and used</label>
                <div class="pair"><input id="a-asked" name="entry[asked]" value="{{ $was('act', 'entry.asked') }}"
                        placeholder="5R1" autocomplete="off" disabled><input aria-label="Ohms used" name="entry[used]"
                        value="{{ $was('act', 'entry.used') }}" placeholder="0R" autocomplete="off" disabled></div>
            </div>
        </div>
        <div class="field"><label for="a-temporary">Only for now: what is still to be done</label><input
                id="a-temporary" name="entry[temporary]" maxlength="80" autocomplete="off"
                value="{{ $was('act', 'entry.temporary') }}" placeholder="leave empty if it is for good"></div>
        <div class="field"><label for="a-text">Remark</label><input id="a-text" name="entry[text]"
                value="{{ $was('act', 'entry.text') }}"></div>
        <label class="tick"><input type="checkbox" name="entry[begun]" value="1" @checked(old('entry.begun'))>
            The firmware is being
            written: nothing may be touched until it is done</label>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Record
                repair</button></footer>
    </form>
</dialog>

<dialog id="d-note" aria-labelledby="t-note" @if ($kind === 'note') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="note"><input type="hidden" name="once"
            value="{{ $page->once }}-f4">
        <header>
            <h2 id="t-note">Note</h2>
        </header>
        <x-field name="entry[text]" label="Note for the record" area within="n" :kept="$kind === 'note'" />
        <label class="tick"><input type="checkbox" name="entry[consent]" value="1"
                @checked(old('entry.consent'))> The owner
            agrees to work beyond the log-in screen</label>
        @if ($job->claim)
            <label class="tick"><input type="checkbox" name="leave" value="1"
                    @checked(old('leave'))> Leave bench
                {{ $job->claim->bench }}: the machine stays, someone else takes it on</label>
        @endif
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Save
                note</button></footer>
    </form>
</dialog>

<dialog id="d-strike" aria-labelledby="t-strike" @if ($kind === 'strike-out') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="strike-out"><input type="hidden" name="once"
            value="{{ $page->once }}-f5">
        <header>
            <h2 id="t-strike">Strike out</h2>
        </header>
        <div class="field"><label for="x-entry">Which entry</label><select id="x-entry" name="entry[entry]">
                @foreach ($page->rows() as $row)
                    @if ($row->canBeStruck())
                        <option value="{{ $row->entry->number }}" @selected((int) old('entry.entry') === $row->entry->number)>
                            {{ $row->entry->number }}:
                            {{ $page->words->what($row->entry) }}, {{ $page->words->outcome($row->entry) }}</option>
                    @endif
                @endforeach
            </select>
            @error('entry.entry')
                <p class="error">{{ $message }}</p>
            @enderror
        </div>
        <x-field name="entry[text]" label="Why" autocomplete="off" within="x" :kept="$kind === 'strike-out'"
            hint="It stays on the record, crossed out. All that follows from it is worked out again." />
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Strike
                out</button></footer>
    </form>
</dialog>

@can('lead')
    <dialog id="d-override" aria-labelledby="t-override" @if ($kind === 'override') data-open @endif>
        <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
            <input type="hidden" name="entry[kind]" value="override"><input type="hidden" name="once"
                value="{{ $page->once }}-f6">
            <header>
                <h2 id="t-override">Set a lock aside</h2>
            </header>
            <div class="field"><label for="o-lock">Lock</label><select id="o-lock" name="entry[lock]">
                    @foreach ($a->locks->active as $active)
                        <option value="{{ $active->lock->id }}">{{ $active->lock->name }}: {{ $active->lock->sentence }}
                        </option>
                    @endforeach
                </select>
            </div>
            <x-field name="entry[text]" label="Why it is safe" autocomplete="off" within="o" :kept="$kind === 'override'"
                hint="Your name and reason stay on the record." />
            <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Set
                    aside</button></footer>
        </form>
    </dialog>
@endcan

<dialog id="d-keys" aria-labelledby="t-keys">
    <header>
        <h2 id="t-keys">Keys</h2>
    </header>
    <dl class="keylist">
        <dt><kbd>/</kbd></dt>
        <dd>find or scan a tag</dd>
        <dt><kbd>1</kbd>…<kbd>6</kbd></dt>
        <dd>open a step</dd>
        <dt><kbd>a</kbd>…<kbd>d</kbd></dt>
        <dd>record that outcome of the open step</dd>
        <dt><kbd>t</kbd></dt>
        <dd>record a start; then the letter beside the outcome, then Enter</dd>
        <dt><kbd>m</kbd></dt>
        <dd>look or measure</dd>
        <dt><kbd>r</kbd></dt>
        <dd>repair</dd>
        <dt><kbd>n</kbd></dt>
        <dd>note</dd>
        <dt><kbd>w</kbd></dt>
        <dd>what the owner says, asked again</dd>
        <dt><kbd>x</kbd></dt>
        <dd>strike out</dd>
        <dt><kbd>y</kbd></dt>
        <dd>why the first suspect</dd>
        <dt><kbd>u</kbd></dt>
        <dd>take back what you recorded last</dd>
        <dt><kbd>o</kbd></dt>
        <dd>what is off: plugs, screws, settings</dd>
        <dt><kbd>i</kbd></dt>
        <dd>instruments of the bench</dd>
        <dt><kbd>h</kbd></dt>
        <dd>hand over: where it stands, as a note</dd>
        <dt><kbd>Esc</kbd></dt>
        <dd>leave a form</dd>
    </dl>
    <p><button type="button" data-close x-on:click="$dispatch('tour')">Take the tour of this page</button></p>
    <h3>Marks</h3>
    <ul class="legend">
        @foreach (Orthoscope\Core\Diagnosis\Standing::cases() as $standing)
            <li>{{ App\View\Mark::of($standing) }} {{ $standing->words() }}</li>
        @endforeach
    </ul>
    <footer><button type="button" class="main" data-close>Close</button></footer>
</dialog>

@unless ($page->isClosed())
    @include('dialogs.told')
    @include('dialogs.tally')
    @include('dialogs.instruments')
@endunless
