@php
    $choice = fn(string $name, string $value, ?string $default = null): string => old($name, $default) === $value
        ? 'checked'
        : '';
@endphp

@php
    $ticked = fn(string $name, string $value): string => in_array($value, (array) old($name, []), true)
        ? 'checked'
        : '';
@endphp

@php
    $call ??= null;
    $owner = $call?->machine->owner;
    $told = $call?->machine->toldModel();
    $above = ['name', 'phone', 'email', 'model', 'age', 'complaint', 'known', 'with'];
    $opens = old('half') !== null || array_diff($errors->keys(), $above) !== [];
@endphp

<x-layout title="Take in" nav="counter">
    @if ($halves->isNotEmpty())
        <section class="halves" aria-label="Half taken">
            <b>Half taken</b>
            @foreach ($halves as $half)
                <span><a href="{{ route('halves.go-on', $half) }}">{{ $half->words() }}</a>
                    <small>{{ $half->created_at->format('H:i') }} {{ $half->user->name }}</small>
                    <form method="post" action="{{ route('halves.destroy', $half) }}">@csrf @method('delete')<button
                            class="quiet" aria-label="Drop {{ $half->words() }}">drop</button></form>
                </span>
            @endforeach
        </section>
    @endif
    <form method="post" action="{{ $call ? route('arrival.store', $call) : route('intake.store') }}" novalidate
        class="intake" enctype="multipart/form-data" x-data="counter" data-asks="{{ route('intake.asks') }}"
        data-draft="{{ $call ? 'arrival-' . $call->id : 'counter' }}" x-on:keydown="key">@csrf
        @if (old('half'))
            <input type="hidden" name="half" value="{{ old('half') }}">
        @endif
        <div class="head">
            <h1>{{ $call ? "{$call->tag} arrives" : 'Take a machine in' }}</h1>
            <p>Write what you are told and see. Promise no cause. Next word, by the work ahead:
                <b>{{ $nextWord->format('D j M, H:i') }}</b>.
            </p>
            <button class="main" title="Ctrl and Enter">
                Take in</button>
            @unless ($call)
                <a class="button" href="{{ route('calls.index') }}">Calls{{ $waiting ? " ({$waiting})" : '' }}</a>
                <button formaction="{{ route('halves.store') }}" class="button">Put aside</button>
            @endunless
        </div>
        @if ($call)
            <section class="sheet">
                <h2>What was said on the telephone</h2><x-said :page="$said" />
            </section>
        @endif
        @error('known')<section class="sheet known" role="alert">
                <h2>Someone like this was here before</h2>
                <p>{{ $message }}</p>
                <fieldset class="choices stack">
                    <legend class="visually-hidden">Is it the same person?</legend>
                    @foreach (session('known', []) as $known)
                        <label><input type="radio" name="known" value="{{ $known['id'] }}"> {{ $known['name'] }},
                            {{ $known['reach'] }}
                            @foreach ($known['jobs'] as $line)
                                <br><small>{{ $line }}</small>
                            @endforeach
                        </label>
                    @endforeach
                    <label><input type="radio" name="known" value="new"> someone else</label>
                </fieldset>
        </section>@enderror
        <x-mistakes />
        @foreach ($bulletins as $bulletin)
            <p class="notice bulletin" role="note"><b>Bulletin, {{ $bulletin->model }}.</b> {{ $bulletin->words }}
            </p>
        @endforeach
        <div class="columns">
            <section class="sheet">
                <h2>Owner</h2>
                <x-field name="name" label="Name" :value="$owner?->name" autofocus autocomplete="off" />
                <div class="pair"><x-field name="phone" label="Telephone" type="tel" :value="$owner?->phone"
                        autocomplete="off" />
                    <x-field name="email" label="Mail" type="email" :value="$owner?->email" autocomplete="off" />
                </div>
                <h2>Machine</h2>
                <div class="aged"><x-field name="model" label="Make and model" :value="$told"
                        autocomplete="off" />
                    <x-field name="age" label="Age, years" type="number" min="0" max="40" />
                </div>
                <fieldset class="chips">
                    <legend class="h2">Look at it now</legend>
                    @foreach ($catalogue->marks as $mark)
                        @continue($mark->id === 'consent-system')
                        @php
                            $marked = [
                                'value' => $mark->id,
                                'words' => $mark->name,
                                'checked' => in_array($mark->id, (array) old('marks', []), true),
                            ];
                        @endphp

                        <x-pick name="marks[]" several :of="$marked" />
                    @endforeach
                    <p class="caution">Liquid, a burn, a shock or a doubtful socket: do not switch it on. The job is
                        locked until the bench has looked.</p>
                </fieldset>
                <fieldset class="chips">
                    <legend class="h2">Came with it</legend>
                    @foreach ([\App\Http\Requests\StayedHome::NOTHING, ...\App\Http\Requests\TakeInRequest::ACCESSORIES] as $thing)
                        @php
                            $thing = [
                                'value' => $thing,
                                'words' => $thing,
                                'checked' => in_array($thing, (array) old('accessories', []), true),
                            ];
                        @endphp

                        <x-pick name="accessories[]" several :of="$thing" />
                    @endforeach
                    <x-field name="with" label="and" placeholder="anything else" autocomplete="off" />
                </fieldset>
            </section>
            <section class="sheet">
                <h2>Told</h2>
                <x-field name="complaint" label="In the owner's own words" area :value="$call ? $said->remarks() : null" />
                <div class="asks" data-answers aria-live="off">
                    @include('counter-asks')
                </div>
            </section>
        </div>
        <details class="sheet rest" @if ($opens) open @endif>
            <summary>Agreed, what it is made of</summary>
            <div class="columns">
                <section>
                    <h2>Agreed</h2>
                    <fieldset class="choices stack">
                        <legend class="visually-hidden">Agreed with the owner</legend>
                        @foreach ($catalogue->marks as $mark)
                            @continue($mark->id !== 'consent-system')<label><input type="checkbox" name="marks[]" value="{{ $mark->id }}"
                                    {{ $ticked('marks', $mark->id) }}> {{ $mark->name }}</label>
                        @endforeach
                    </fieldset>
                    <div class="pair"><x-field name="limit" label="Spend up to" inputmode="decimal"
                            placeholder="ask first" autocomplete="off" />
                        <x-field name="approves" label="Who says yes" placeholder="the owner" autocomplete="off" />
                    </div>
                    <div class="field"><label for="f-proving">Prove it</label><select id="f-proving" name="proving">
                            @foreach (\App\Http\Requests\TakeInRequest::PROVING as $id => $words)
                                <option value="{{ $id }}" @selected(old('proving') === $id)>{{ $words }}
                                </option>
                            @endforeach
                        </select>
                    </div>
                    <div class="field"><label for="f-data">Data on it</label><select id="f-data"
                            name="data">
                            <option value="">not asked yet</option>
                            @foreach (\App\Http\Requests\TakeInRequest::DATA as $id => $words)
                                <option value="{{ $id }}" @selected(old('data') === $id)>{{ $words }}
                                </option>
                            @endforeach
                        </select>
                    </div>
                    <fieldset class="choices">
                        <legend>The owner uses</legend>
                        @foreach ($catalogue->proving->uses as $use => $words)
                            <label><input type="checkbox" name="uses[]" value="{{ $use }}"
                                    {{ $ticked('uses', $use) }}> {{ $words }}</label>
                        @endforeach
                    </fieldset>
                </section>
                <section>
                    <h2>Made of</h2>
                    <fieldset class="choices">
                        <legend>Picture comes from</legend>
                        @foreach (['card' => 'a graphics card', 'own' => 'the board', 'both' => 'either'] as $value => $words)
                            <label><input type="radio" name="picture_from" value="{{ $value }}"
                                    {{ $choice('picture_from', $value, 'card') }}> {{ $words }}</label>
                        @endforeach
                        @error('picture_from')
                            <p class="error">{{ $message }}</p>
                        @enderror
                    </fieldset>
                    <div class="triple">
                        <div class="field"><label for="f-slots">Memory slots</label><select id="f-slots"
                                name="slots">
                                @foreach (['2', '4', '1'] as $n)
                                    <option @selected(old('slots', '2') === $n)>{{ $n }}</option>
                                @endforeach
                            </select>
                            @error('slots')
                                <p class="error">{{ $message }}</p>
                            @enderror
                        </div>
                        <x-field name="sticks" label="Sticks" type="number" value="2" min="1"
                            max="4" />
                        <x-field name="drives" label="Drives" type="number" value="1" min="0"
                            max="4" />
                    </div>
                    <div class="pair"><x-field name="memory_type" label="Memory type" placeholder="if known"
                            autocomplete="off" />
                        <x-field name="socket" label="Socket" placeholder="if known" autocomplete="off" />
                    </div>
                    @unless ($call)
                        <div class="field"><label for="f-alone">What comes in</label><select id="f-alone"
                                name="alone">
                                <option value="">a whole machine</option>
                                @foreach (Orthoscope\Core\Chain\Machine::ALONE as $kind)
                                    <option value="{{ $kind }}" @selected(old('alone') === $kind)>
                                        {{ lcfirst($catalogue->part($kind)->name) }} alone</option>
                                @endforeach
                            </select><small>A part alone is tried in a good machine of ours; slots and drives are not
                                asked.</small></div>
                    @endunless
                    <details class="more" @if (array_filter((array) old('parts', [])) !== []) open @endif>
                        <summary>Models of its parts, as labels say</summary>
                        <div class="pair">
                            @foreach (\App\Http\Requests\MachineFacts::MODELS as $kind)
                                <x-field name="parts[{{ $kind }}]" :label="$catalogue->part($kind)->name" maxlength="60"
                                    autocomplete="off" />
                            @endforeach
                        </div>
                    </details>
                    <x-field name="serial" label="Serial number" placeholder="if it has one" maxlength="40"
                        autocomplete="off" />
                    <div class="field"><label for="f-lshw">Hardware list, from <span class="num">lshw
                                -json</span></label><input id="f-lshw" type="file" name="lshw"
                            accept=".json,application/json">
                        @error('lshw')
                            <p class="error">{{ $message }}</p>
                        @enderror
                        <small>
                            What it says of sticks, slots and drives comes before the fields above.</small>
                    </div>
                    <fieldset class="choices">
                        <legend>The board has</legend>
                        @php
                            $shows = [
                                'status_lamps' => 'status lamps',
                                'speaker' => 'a speaker',
                                'code_display' => 'a code display',
                            ];
                        @endphp
                        @foreach ($shows as $value => $words)
                            <label><input type="checkbox" name="facts[]" value="{{ $value }}"
                                    {{ $ticked('facts', $value) }}>
                                {{ $words }}</label>
                        @endforeach
                    </fieldset>
                    @unless ($call)
                        <p><small><a href="{{ route('before-buying') }}">Asked before buying: will it go with
                                    that?</a></small></p>
                    @endunless
                </section>
                <section>
                    <h2>Told besides</h2>
                    <fieldset class="choices counted-starts">
                        <legend>Counted</legend>
                        <label class="visually-hidden" for="f-failed">Starts that failed, as they
                            counted</label><input id="f-failed" name="failed" inputmode="numeric" maxlength="3"
                            autocomplete="off" placeholder="2" value="{{ old('failed') }}"
                            @error('failed') aria-invalid="true" @enderror>
                        of <label class="visually-hidden" for="f-of">of so many starts</label><input
                            id="f-of" name="of" inputmode="numeric" maxlength="3" autocomplete="off"
                            placeholder="10" value="{{ old('of') }}" @error('of') aria-invalid="true" @enderror>
                        starts failed
                        @foreach (['failed', 'of'] as $name)
                            @error($name)
                                <p class="error" role="alert">{{ $message }}</p>
                            @enderror
                        @endforeach
                    </fieldset>
                    <x-earlier :catalogue="$catalogue" />
                    <x-field name="opinion" label="What others said it is (kept, no evidence)" autocomplete="off" />
                    @unless ($call)
                        <h2>More of the same kind</h2>
                        <x-field name="others" label="One machine a line: serial number; what it does" area
                            placeholder="KB-1183; stays dark" maxlength="4000"
                            hint="Same owner, same make. A line with a serial number alone does what the first does." />
                    @endunless
                </section>
            </div>
        </details>
    </form>
</x-layout>
