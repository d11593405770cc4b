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
@endphp

@php
    $owner = $call?->machine->owner;
@endphp

<x-layout title="Take in" nav="counter">
    <form method="post" action="{{ $call ? route('arrival.store', $call) : route('intake.store') }}" novalidate
        class="intake" enctype="multipart/form-data">@csrf
        <div class="head">
            <h1>{{ $call ? "{$call->tag} arrives" : 'Take a machine in' }}</h1>
            <p>Write what you are told and see. Promise no cause. Next word, by the work ahead:
                <b>{{ $nextWord->format('D j M, H:i') }}</b>.
            </p>
            @unless ($call)
                <a class="button" href="{{ route('calls.index') }}">Calls{{ $waiting ? " ({$waiting})" : '' }}</a>
            @endunless
            <button class="main">
                Take in, print the tag</button>
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
        @if ($errors->any())
            <p class="error summary" role="alert">
                {{ $errors->count() === 1 ? 'One thing is' : $errors->count() . ' things are' }}
                missing
                or not right; see beside the fields. Nothing you typed is lost.</p>
        @endif
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
                @php
                    $told = $call?->machine->toldModel();
                @endphp
                <div class="aged"><x-field name="model" label="Make and model" :value="$told"
                        autocomplete="off" />
                    <x-field name="age" label="Age, years" type="number" min="0" max="40" />
                </div>
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
                    <div class="field"><label for="f-slots">Memory slots</label><select id="f-slots" name="slots">
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
                    <div class="field"><label for="f-alone">What comes in</label><select id="f-alone" name="alone">
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
                <fieldset class="choices stack look">
                    <legend class="h2">Agreed</legend>
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
                <div class="field"><label for="f-data">Data on it</label><select id="f-data" name="data">
                        <option value="">not asked yet</option>
                        @foreach (\App\Http\Requests\TakeInRequest::DATA as $id => $words)
                            <option value="{{ $id }}" @selected(old('data') === $id)>{{ $words }}
                            </option>
                        @endforeach
                    </select>
                </div>
                <fieldset class="choices">
                    <legend>Came with it</legend>
                    @foreach (\App\Http\Requests\TakeInRequest::ACCESSORIES as $thing)
                        <label><input type="checkbox" name="accessories[]" value="{{ $thing }}"
                                {{ $ticked('accessories', $thing) }}> {{ $thing }}</label>
                    @endforeach
                </fieldset>
                <x-field name="with" label="and" placeholder="anything else" autocomplete="off" />
                <fieldset class="choices">
                    <legend>The owner uses</legend>
                    @foreach ($catalogue->proving->uses as $use => $words)
                        <label><input type="checkbox" name="uses[]" value="{{ $use }}"
                                {{ $ticked('uses', $use) }}> {{ $words }}</label>
                    @endforeach
                </fieldset>
                @unless ($call)
                    <p><small><a href="{{ route('before-buying') }}">Asked before buying: will it go with
                                that?</a></small>
                    </p>
                @endunless
            </section>
            <section class="sheet">
                <h2>Told</h2>
                <x-field name="complaint" label="In the owner's own words" area :value="$call ? $said->remarks() : null" />
                <fieldset class="choices stack">
                    <legend>What does it do, as told?</legend>
                    <label><input type="radio" name="reached" value=""
                            {{ old('reached') ? '' : 'checked' }}> not said</label>
                    @foreach ($catalogue->reaches as $reach)
                        @continue($reach->isOpenEnded())<label><input type="radio" name="reached" value="{{ $reach->id }}"
                                {{ $choice('reached', $reach->id) }}> {{ $reach->name }}</label>
                    @endforeach
                </fieldset>
                <x-manner />
                <div class="pair">
                    <div class="field"><label for="f-beeps">Beeps, as told</label><select id="f-beeps"
                            name="beeps">
                            <option value="">not said</option>
                            @foreach ($catalogue->sign('beeps')->values as $value => $words)
                                <option value="{{ $value }}" @selected(old('beeps') === $value)>{{ $words }}
                                </option>
                            @endforeach
                        </select>
                    </div>
                    <div class="field"><label for="f-fans">Fans, as told</label><select id="f-fans"
                            name="fans">
                            <option value="">not said</option>
                            @foreach ($catalogue->sign('fans')->values as $value => $words)
                                <option value="{{ $value }}" @selected(old('fans') === $value)>{{ $words }}
                                </option>
                            @endforeach
                        </select></div>
                </div>
                <x-earlier :catalogue="$catalogue" />
                <x-field name="opinion" label="What others said it is (kept, no evidence)" autocomplete="off" />
            </section>
            <section class="sheet">
                <fieldset class="choices stack">
                    <legend class="h2">Just before</legend>
                    @foreach ($catalogue->events as $event)
                        <label><input type="checkbox" name="events[]" value="{{ $event->id }}"
                                {{ $ticked('events', $event->id) }}>
                            {{ $event->name }}</label>
                    @endforeach
                </fieldset>
                <fieldset class="choices stack look">
                    <legend class="h2">Look at it now</legend>
                    @foreach ($catalogue->marks as $mark)
                        @continue($mark->id === 'consent-system')<label><input type="checkbox" name="marks[]" value="{{ $mark->id }}"
                                {{ $ticked('marks', $mark->id) }}> {{ $mark->name }}</label>
                    @endforeach
                    <p class="caution">Liquid, a burn, a shock or a doubtful socket: do not switch it on. The job is
                        locked until the bench
                        has looked.</p>
                </fieldset>
            </section>
        </div>
    </form>
</x-layout>
