<x-layout title="Before buying" nav="counter">
    <div class="head">
        <h1>Will it go with that?</h1>
        <p>Asked before a part is bought. Leave open what nobody knows: it is said below.</p>
        <a class="button" href="{{ route('intake.create') }}">Back to the counter</a>
    </div>
    <div class="columns two">
        <form class="sheet" method="get" action="{{ route('before-buying') }}" novalidate>
            <div class="pair">
                <div class="field"><label for="f-kind">The part</label>
                    <select id="f-kind" name="kind">
                        @foreach ($kinds as $id => $name)
                            <option value="{{ $id }}" @selected($id === $kind)>{{ $name }}
                            </option>
                        @endforeach
                    </select>
                    <button class="quiet">show what is asked of it</button>
                </div>
                <x-field name="tag" label="A machine that was here" :value="request('tag')"
                    placeholder="its tag, or leave open" autocomplete="off" />
            </div>
            <div class="pair">
                <h2>The machine</h2>
                <h2>The part</h2>
            </div>
            @php
                $asked = [];
            @endphp

            @foreach ($rules as $rule)
                @php
                    [$of, $fact] = ["of_machine[{$rule->of}]", "of_part[{$rule->fact}]"];
                @endphp

                <div class="pair">
                    @if (in_array($rule->of, $asked, true))
                        <span></span>
                    @else
                        <x-field :name="$of" :label="ucfirst($names[$rule->of])" :value="$machine[$rule->of] ?? ''" autocomplete="off" />
                    @endif
                    <x-field :name="$fact" :label="ucfirst($names[$rule->fact])" :value="$part[$rule->fact] ?? ''" autocomplete="off" />
                </div>
                @php
                    $asked[] = $rule->of;
                @endphp
            @endforeach
            <button class="main">Does it go?</button>
        </form>
        <section class="sheet" aria-live="polite" aria-labelledby="h-answer">
            @if ($answer === null)
                <h2 id="h-answer">Nothing said yet</h2>
                <p>Type what is known of the machine and of the part, or the tag of a machine that was here.</p>
            @else
                <h2 id="h-answer">{{ $answer->verdict() }}</h2>
                @php
                    $said = [
                        'Against it' => $answer->against,
                        'To be minded' => $answer->cautions,
                        'Not known' => $answer->unknown,
                    ];
                @endphp

                @foreach ($said as $title => $lines)
                    @if ($lines !== [])
                        <h3>{{ $title }}</h3>
                        <ul>
                            @foreach ($lines as $line)
                                <li>{{ ucfirst($line) }}.</li>
                            @endforeach
                        </ul>
                    @endif
                @endforeach
                <h3>To be looked up</h3>
                <ul>
                    @foreach ($answer->ask as $line)
                        <li>{{ $line }}</li>
                    @endforeach
                    <li>Two good parts may still refuse each other: buy where it can be sent back.</li>
                </ul>
            @endif
        </section>
    </div>
</x-layout>
