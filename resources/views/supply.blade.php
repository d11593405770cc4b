@php
    $made = $job->machine->made_of;
@endphp

@php
    $known = (array) ($made['platform'] ?? []);
    $was = fn(string $field, string $default = '', string $fact = ''): string => (string) old(
        $field,
        request($field, $known[$fact] ?? $default),
    );
    $watts = $was('processor', '', 'processor-watts');
@endphp

<x-layout :title="'Supply ' . $job->tag" nav="job">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Is the supply large enough?</h1>
        <p>Read the label, never open it</p>
    </div>
    <div class="columns two">
        <form class="sheet" method="get" action="{{ route('jobs.supply', $job) }}" novalidate>
            <h2>On the label</h2>
            <div class="pair"><x-field name="watts" label="Rated watts" :value="$was('watts', '', 'supply-watts')" placeholder="520 W"
                    autocomplete="off" autofocus />
                <x-field name="amps" label="Amperes on 12 V" :value="$was('amps', '', 'supply-amps12')" placeholder="40 A"
                    autocomplete="off" />
            </div>
            <div class="pair"><x-field name="has6" label="6-pin plugs for cards" type="number" min="0"
                    max="12" :value="$was('has6', '0')" />
                <x-field name="has8" label="8-pin plugs for cards" type="number" min="0" max="12"
                    :value="$was('has8', '0')" />
            </div>
            <div class="field"><label for="f-class">Efficiency class</label><select id="f-class" name="class">
                    <option value="">none on the label</option>
                    @foreach (Orthoscope\Core\Electrical\Sizing\EfficiencyClass::cases() as $class)
                        <option value="{{ $class->value }}" @selected($was('class') === $class->value)>{{ $class->value }}</option>
                    @endforeach
                </select>
            </div>
            <h2>It feeds</h2>
            <div class="pair"><x-field name="processor" label="Processor, watts" :value="$watts" placeholder="65 W"
                    autocomplete="off" />
                <x-field name="fans" label="Fans" type="number" min="0" max="20" :value="$was('fans', (string) $fans)" />
            </div>
            @if ($made['card'] ?? false)
                <x-field name="card" label="Graphics card, watts" :value="$was('card', '', 'card-watts')"
                    placeholder="if known; else by its plugs" autocomplete="off" />
                <div class="pair"><x-field name="card6" label="6-pin plugs it needs" type="number" min="0"
                        max="4" :value="$was('card6', '0')" />
                    <x-field name="card8" label="8-pin plugs it needs" type="number" min="0" max="4"
                        :value="$was('card8', '0')" />
                </div>
            @endif
            <p><small>{{ count($made['memory']['sticks'] ?? []) }} sticks and {{ (int) ($made['drives'] ?? 0) }} drives
                    are counted from the
                    job. Slot 75 W, 6-pin 75 W, 8-pin 150 W: PCI-SIG CEM. Peaks and the draw of small parts:
                    judgement.</small></p>
            <button class="main">Add it up</button>
        </form>
        <section class="sheet" aria-live="polite">
            @if ($sizing === null)
                <p>Nothing is added up yet.</p>
            @else
                <h2>{{ App\View\SupplyReading::words($sizing) }}</h2>
                <ul>
                    @foreach ($sizing->sentences as $sentence)
                        <li>{{ $sentence }}</li>
                    @endforeach
                </ul>
                <p>On 12 V it takes {{ number_format($sizing->amps12, 1) }} A, in a short peak
                    {{ number_format($sizing->peak12, 1) }} A.
                </p>
                @if ($wall !== null)
                    <p>At the wall that is about {{ (int) round($wall) }} W: what a plug-in meter may show.</p>
                @endif
                <x-record :job="$job" :written="$written"
                    :once="$once"><b>{{ $sizing->tooSmall ? 'too small, or short of 12 V' : 'large enough' }}</b><small>on
                        the record,
                        with the sums</small></x-record>
            @endif
        </section>
    </div>
</x-layout>
