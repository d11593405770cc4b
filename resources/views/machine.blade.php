@php
    $facts = (array) ($made['facts'] ?? []);
    $platform = (array) ($made['platform'] ?? []);
    $card = $made['card'] ?? true;
    $from = old('picture_from', $card ? ($facts['own_graphics'] ?? false ? 'both' : 'card') : 'own');
    $count = (string) old('slots', (string) count($made['memory']['slots'] ?? ['A2', 'B2']));
    $filled = (array) old('filled', $made['memory']['sticks'] ?? ['A2', 'B2']);
    $used = (array) old('uses', $machine->said('uses'));
    $shows = ['status_lamps' => 'status lamps', 'speaker' => 'a speaker', 'code_display' => 'a code display'];
    $cooled = ['' => 'not known', 'air' => 'by air', 'pump' => 'by liquid, with a pump'];
    $atHome = (array) old('at_home', $made['at_home'] ?? []);
    $has = (array) old('facts', array_keys(array_filter($facts)));
@endphp

<x-layout :title="'Machine ' . $job->tag" nav="job">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>What it is made of</h1>
        <p>Leave open what nobody knows. What you change goes on
            the
            record.</p>
    </div>
    <form method="post" action="{{ route('jobs.made-of', $job) }}" novalidate class="columns two">
        @csrf
        <section class="sheet">
            <h2>Machine</h2>
            <div class="pair"><x-field name="model" label="Make and model" :value="$job->machine->model" autocomplete="off" />
                <x-field name="serial" label="Serial number" :value="$platform['serial'] ?? ''" autocomplete="off" />
            </div>
            <fieldset class="choices">
                <legend>Picture comes from</legend>
                @foreach (['card' => 'a graphics card', 'own' => 'the board', 'both' => 'either'] as $value => $words)
                    <label><input type="radio" name="picture_from" value="{{ $value }}"
                            @checked($from === $value)> {{ $words }}</label>
                @endforeach
                @error('picture_from')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </fieldset>
            <div class="pair">
                <div class="field"><label for="f-slots">Memory slots</label><select id="f-slots" name="slots">
                        @foreach (array_keys($slots) as $n)
                            <option @selected($count === (string) $n)>{{ $n }}</option>
                        @endforeach
                    </select></div>
                <x-field name="drives" label="Drives" type="number" min="0" max="4" :value="$made['drives'] ?? 1" />
            </div>
            <fieldset class="choices">
                <legend>A stick sits in</legend>
                @foreach ($slots[4] as $slot)
                    <label><input type="checkbox" name="filled[]" value="{{ $slot }}"
                            @checked(in_array($slot, $filled, true))>
                        {{ $slot }}</label>
                @endforeach
                @error('filled')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </fieldset>
            <fieldset class="choices">
                <legend>The board has</legend>
                @foreach ($shows as $value => $words)
                    <label><input type="checkbox" name="facts[]" value="{{ $value }}"
                            @checked(in_array($value, $has, true))>
                        {{ $words }}</label>
                @endforeach
            </fieldset>
            <fieldset class="choices">
                <legend>Stayed at home</legend>
                @foreach (\Orthoscope\Core\Chain\Machine::MAY_STAY as $kind => $words)
                    <label><input type="checkbox" name="at_home[]" value="{{ $kind }}"
                            @checked(in_array($kind, $atHome, true))>
                        {{ $words }}</label>
                @endforeach
            </fieldset>
            <p><small>What did not come in takes part in no start here. What is brought in later is a note: it was not
                    there
                    before.</small></p>
            <fieldset class="choices">
                <legend>The owner uses</legend>
                @foreach ($uses as $use => $words)
                    <label><input type="checkbox" name="uses[]" value="{{ $use }}"
                            @checked(in_array($use, $used, true))>
                        {{ $words }}</label>
                @endforeach
            </fieldset>
            <p><small>What the owner uses is tried before it goes back, once it was opened.</small></p>
            <button class="main">Save the machine</button>
        </section>
        <div>
            @foreach ($shelf->ofMachine as $group => $names)
                <section class="sheet made-of">
                    <h2>{{ ucfirst($group) }}</h2>
                    <div class="facts">
                        @foreach ($names as $fact)
                            @php
                                $unit = $shelf->units[$fact] ?? null;
                                $label = ucfirst($shelf->names[$fact] ?? $fact);
                                $value = $platform[$fact] ?? '';
                                $field = "platform[{$fact}]";
                            @endphp
                            @if ($fact === 'cooling')
                                @php
                                    $is = old('platform.cooling', $platform['cooling'] ?? '');
                                @endphp
                                <div class="field"><label for="f-platform-cooling">{{ $label }}</label><select
                                        id="f-platform-cooling" name="platform[cooling]">
                                        @foreach ($cooled as $value => $words)
                                            <option value="{{ $value }}" @selected($is === $value)>
                                                {{ $words }}</option>
                                        @endforeach
                                    </select></div>
                            @else
                                <x-field :name="$field" :label="$label" :value="$value" :inputmode="$unit ? 'decimal' : null"
                                    autocomplete="off" />
                            @endif
                        @endforeach
                    </div>
                    @if ($group === 'supply')
                        @if ($sum?->againstItsSupply())
                            <p><b>{{ App\View\SupplyReading::words($sum->againstItsSupply()) }}.</b>
                                {{ implode(' ', $sum->againstItsSupply()->sentences) }}</p>
                        @else
                            <p><small>With the watts of processor and card, and the label of the supply, the sum is
                                    made here and offered when it shuts off. Never open a power supply.</small></p>
                        @endif
                    @endif
                </section>
            @endforeach
            <button class="main">Save the machine</button>
        </div>
    </form>
</x-layout>
