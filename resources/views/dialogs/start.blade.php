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
            <x-slotboard :page="$page" />
            <div class="grid">
                <div class="field"><label for="u-place">Where</label><select id="u-place"
                        name="entry[setup][place]">
                        <option value="case">in its case</option>
                        <option value="bench" @selected(old('entry.setup.place') === 'bench')>out, on the mat</option>
                    </select></div>
                <div class="field"><label for="u-by">Started by</label><select id="u-by"
                        name="entry[setup][start_by]">
                        <option value="button">button</option>
                        <option value="pins" @selected(old('entry.setup.start_by') === 'pins')>the pins</option>
                    </select></div>
                <div class="field"><label for="u-temp">Temperature</label><select id="u-temp"
                        name="entry[setup][temperature]">
                        <option value="">as it was</option>
                        <option value="cold" @selected(old('entry.setup.temperature') === 'cold')>cold, stood</option>
                        <option value="warm" @selected(old('entry.setup.temperature') === 'warm')>warm, at work</option>
                    </select></div>
                <div class="field"><label for="u-degrees">Measured, °C</label><input id="u-degrees"
                        name="entry[degrees]" inputmode="decimal" autocomplete="off"
                        value="{{ $was('start', 'entry.degrees') }}"
                        @error('entry.degrees') aria-invalid="true" aria-describedby="e-degrees" @enderror>
                    @error('entry.degrees')
                        <p class="error" id="e-degrees">{{ $message }}</p>
                    @enderror
                </div>
                <div class="field"><label for="u-goal">How long</label><select id="u-goal"
                        name="entry[setup][goal]">
                        <option value="system">to log-in</option>
                        @foreach (['picture' => 'to a picture', 'load' => 'a long run at work', 'hours' => 'for hours'] as $goal => $words)
                            <option value="{{ $goal }}" @selected(old('entry.setup.goal') === $goal)>{{ $words }}
                            </option>
                        @endforeach
                    </select>
                </div>
                @if ($page->assessment->machine->has('output'))
                    <div class="field"><label for="u-output">Screen on</label><select id="u-output"
                            name="entry[setup][output]">
                            <option value="own">its own output</option>
                            <option value="other" @selected(old('entry.setup.output') === 'other')>another output</option>
                        </select></div>
                @endif
                <div class="field"><label for="u-driver">Driver</label><select id="u-driver"
                        name="entry[setup][driver]">
                        <option value="own">its own</option>
                        <option value="basic" @selected(old('entry.setup.driver') === 'basic')>the basic one</option>
                        <option value="other" @selected(old('entry.setup.driver') === 'other')>another of its maker</option>
                    </select></div>
                <div class="field"><label for="u-driver-named">Name and version of it</label><input
                        id="u-driver-named" name="entry[setup][driver_named]" maxlength="40" autocomplete="off"
                        value="{{ old('entry.setup.driver_named') }}"></div>
                <div class="field"><label for="u-clocks">Clocks</label><select id="u-clocks"
                        name="entry[setup][clocks]">
                        <option value="rated">as rated</option>
                        <option value="low" @selected(old('entry.setup.clocks') === 'low')>lower</option>
                    </select></div>
                <div class="field"><label for="u-attached">Attached to look</label><select id="u-attached"
                        name="entry[setup][attached]">
                        <option value="">nothing</option>
                        @foreach (Orthoscope\Core\SetUp\SetUp::TOOLS as $tool => $words)
                            <option value="{{ $tool }}" @selected(old('entry.setup.attached') === $tool)>{{ $words }}
                            </option>
                        @endforeach
                    </select></div>
                @foreach ($page->choices->changeable() as $part)
                    <div class="field"><label for="u-{{ $part->id }}">{{ $part->name }}</label><select
                            id="u-{{ $part->id }}" name="entry[setup][parts][{{ $part->id }}]"
                            data-part-state="{{ $part->id }}"
                            @if (in_array($part->kind->id, ['stick', 'processor'], true)) data-trained @endif>
                            @foreach ($page->choices->states($part) as $state)
                                <option value="{{ $state['value'] }}" @selected(old('entry.setup.parts.' . $part->id) === $state['value'])>
                                    {{ $state['words'] }}</option>
                            @endforeach
                        </select></div>
                @endforeach
            </div>
        </details>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Record
                start</button></footer>
    </form>
</dialog>
