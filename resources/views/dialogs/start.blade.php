{{-- A start: how far it got is picked on the chain, signs come by what they tell now, the clock runs from power on. --}}
<dialog id="d-start" aria-labelledby="t-start" @if ($kind === 'start') data-open @endif
    data-stands="{{ json_encode($page->choices->standingSetUp() ?: (object) []) }}"
    data-trains="{{ $page->choices->trainingWait() }}">
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="start"><input type="hidden" name="once"
            value="{{ $page->once }}-f1">
        <input type="hidden" name="before" value="{{ old('before') }}" data-act-field>
        <header>
            <h2 id="t-start">Record a start</h2><span data-step-name></span>
            <span class="power-clock" data-clock data-wait="{{ $page->choices->wait()->seconds }}"
                data-why="{{ $page->choices->wait()->why }}"><button type="button" data-clock-start><kbd>o</kbd> power
                    on
                    now</button><b class="num" data-clock-face hidden>0:00</b></span>
        </header>
        @if ($kind === 'start')
            <p class="error" role="alert">
                {{ $error('entry.reached', 'entry.kind', 'entry.setup', 'entry.signs', 'entry.ended', 'entry.codes', 'entry.after') }}
            </p>
        @endif
        <fieldset class="picker">
            <legend>How far did it get? <small>Pick where it stopped on the chain, or press its letter.</small></legend>
            @foreach ($page->catalogue->stages as $stage)
                <span class="milestone" aria-hidden="true">{{ $stage->name }}</span>
            @endforeach
            <span class="milestone" aria-hidden="true">
                all the way</span>
            @foreach ($page->catalogue->reaches as $reach)
                <label class="r-{{ $reach->id }}"><input type="radio" name="entry[reached]"
                        value="{{ $reach->id }}" data-reach-key="{{ $reach->key }}"
                        @checked(old('entry.reached') === $reach->id)><kbd>{{ $reach->key }}</kbd>
                    {{ $reach->name }}</label>
            @endforeach
        </fieldset>
        <p class="notice" data-too-short hidden></p>
        <div class="row-ended">
            <fieldset class="choices">
                <legend>How did it end?</legend>
                @foreach (Orthoscope\Core\Evidence\Start::ENDS as $end => $words)
                    <label><input type="radio" name="entry[ended]" value="{{ $end }}"
                            @checked(old('entry.ended') === $end)>
                        {{ $words }}</label>
                @endforeach
            </fieldset>
            <div class="field"><label for="s-after">After, seconds</label><input id="s-after" name="entry[after]"
                    inputmode="numeric" value="{{ old('entry.after') }}"
                    @error('entry.after') aria-invalid="true" @enderror></div>
            <div class="field"><label for="s-waited">Waited, seconds</label><input id="s-waited" name="entry[waited]"
                    inputmode="numeric" value="{{ old('entry.waited') }}"
                    @error('entry.waited') aria-invalid="true" aria-describedby="e-waited" @enderror>
                @error('entry.waited')
                    <p class="error" id="e-waited">{{ $message }}</p>
                @enderror
            </div>
            <div class="field"><label for="s-times">Times like this</label><input id="s-times" name="entry[times]"
                    inputmode="numeric" value="{{ old('entry.times', 1) }}"
                    @error('entry.times') aria-invalid="true" aria-describedby="e-times" @enderror>
                @error('entry.times')
                    <p class="error" id="e-times">{{ $message }}</p>
                @enderror
            </div>
        </div>
        <fieldset class="signs">
            <legend>What did it show? <small>What tells most now comes first. Leave what you did not look at.</small>
            </legend>
            @foreach ($page->choices->channels() as $i => $channel)
                @if ($i === 0 && $channel->id !== 'drop')
                    <div class="field most"><span class="label">{{ $channel->name }}</span>
                        <div class="chips">
                            @foreach ($page->choices->valuesOf($channel) as $value => $words)
                                <label><input type="radio" name="entry[signs][{{ $channel->id }}]"
                                        value="{{ $value }}" @checked(old('entry.signs.' . $channel->id) === (string) $value)>
                                    {{ $words }}</label>
                            @endforeach
                            <label>
                                <input type="radio" name="entry[signs][{{ $channel->id }}]" value=""
                                    @checked(old('entry.signs.' . $channel->id, '') === '')>
                                not looked</label>
                        </div>
                    </div>
                @else
                    <div class="field"><label for="s-{{ $channel->id }}">{{ $channel->name }}</label><select
                            id="s-{{ $channel->id }}" name="entry[signs][{{ $channel->id }}]">
                            <option value="">–</option>
                            @foreach ($page->choices->valuesOf($channel) as $value => $words)
                                <option value="{{ $value }}" @selected(old('entry.signs.' . $channel->id) === (string) $value)>{{ $words }}
                                </option>
                            @endforeach
                        </select>
                    </div>
                @endif
            @endforeach
            @php
                $display = $a->machine->facts['code_display'] ? 'Code shown' : 'Code shown, on a code card';
            @endphp

            <div class="field"><label for="s-display">{{ $display }}</label><input id="s-display"
                    name="entry[codes][display]" maxlength="6" autocomplete="off"
                    value="{{ old('entry.codes.display') }}" placeholder="5F"></div>
            @if ($a->machine->facts['speaker'])
                <div class="field taps" data-taps><label for="s-tapped">Beeps heard</label>
                    <div><input id="s-tapped" name="entry[codes][beeps]" maxlength="60" autocomplete="off"
                            value="{{ old('entry.codes.beeps') }}" placeholder="1 long 2 short"><button type="button"
                            data-tap="s">short</button><button type="button" data-tap="l">long</button><button
                            type="button" data-tap="*">on and on</button><button type="button" data-rhythm>hold in
                            rhythm</button></div>
                </div>
            @endif
        </fieldset>
        <div class="field"><label for="s-text">Remark</label><input id="s-text" name="entry[text]"
                value="{{ $was('start', 'entry.text') }}"></div>
        <details class="setup" @if ($kind === 'start') open @endif>
            <summary>How it was put together: <b data-setup-words>as it came</b></summary>
            <p class="notice" data-many hidden></p>
            <x-start-set-up :page="$page" />
        </details>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Record
                start</button></footer>
    </form>
</dialog>
