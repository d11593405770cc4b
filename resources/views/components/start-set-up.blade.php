@props(['page'])
{{-- How a machine is put together for a start: drawn places, and choices for all the rest. --}}
<x-slotboard :page="$page" />
<div class="grid">
    <div class="field"><label for="u-place">Where</label><select id="u-place" name="entry[setup][place]">
            <option value="case">in its case</option>
            <option value="bench" @selected(old('entry.setup.place') === 'bench')>out, on the mat</option>
        </select></div>
    <div class="field"><label for="u-by">Started by</label><select id="u-by" name="entry[setup][start_by]">
            <option value="button">button</option>
            <option value="pins" @selected(old('entry.setup.start_by') === 'pins')>the pins, the case's leads off</option>
        </select></div>
    <div class="field"><label for="u-temp">Temperature</label><select id="u-temp"
            name="entry[setup][temperature]">
            <option value="">as it was</option>
            <option value="cold" @selected(old('entry.setup.temperature') === 'cold')>cold, stood</option>
            <option value="warm" @selected(old('entry.setup.temperature') === 'warm')>warm, at work</option>
        </select></div>
    <div class="field"><label for="u-degrees">Measured, °C</label><input id="u-degrees" name="entry[degrees]"
            inputmode="decimal" autocomplete="off"
            value="{{ old('entry.kind') === 'start' ? old('entry.degrees') : '' }}"
            @error('entry.degrees') aria-invalid="true" aria-describedby="e-degrees" @enderror>
        @error('entry.degrees')
            <p class="error" id="e-degrees">{{ $message }}</p>
        @enderror
    </div>
    <div class="field"><label for="u-goal">How long</label><select id="u-goal" name="entry[setup][goal]">
            <option value="system">to log-in</option>
            @foreach (['picture' => 'to a picture', 'load' => 'a long run at work', 'hours' => 'for hours'] as $goal => $words)
                <option value="{{ $goal }}" @selected(old('entry.setup.goal') === $goal)>{{ $words }}
                </option>
            @endforeach
        </select>
    </div>
    @if ($page->assessment->machine->has('output'))
        <div class="field"><label for="u-output">Screen on</label><select id="u-output" name="entry[setup][output]">
                <option value="own">its own output</option>
                <option value="other" @selected(old('entry.setup.output') === 'other')>another output</option>
            </select></div>
    @endif
    <div class="field"><label for="u-driver">Driver</label><select id="u-driver" name="entry[setup][driver]">
            <option value="own">its own</option>
            <option value="basic" @selected(old('entry.setup.driver') === 'basic')>the basic one</option>
            <option value="other" @selected(old('entry.setup.driver') === 'other')>another of its maker</option>
        </select></div>
    <div class="field"><label for="u-driver-named">Name and version of it</label><input id="u-driver-named"
            name="entry[setup][driver_named]" maxlength="40" autocomplete="off"
            value="{{ old('entry.setup.driver_named') }}"></div>
    <div class="field"><label for="u-clocks">Clocks</label><select id="u-clocks" name="entry[setup][clocks]">
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
                data-part-state="{{ $part->id }}" @if (in_array($part->kind->id, ['stick', 'processor'], true)) data-trained @endif>
                @foreach ($page->choices->states($part) as $state)
                    <option value="{{ $state['value'] }}" @selected(old('entry.setup.parts.' . $part->id) === $state['value'])>
                        {{ $state['words'] }}</option>
                @endforeach
            </select></div>
    @endforeach
</div>
