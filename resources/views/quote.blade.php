<x-layout :title="'Quote ' . $job->tag" nav="job">
    <x-job-frame :job="$job" at="decide" />
    <div class="head">
        <h1>Quote</h1>
        <p>Prices before tax; {{ $tax / 100 }} % is
            added on the sum.
        </p>
    </div>
    <x-do-not-buy />
    <form method="post" action="{{ route('quotes.store', $job) }}" novalidate>@csrf
        <div class="variants">
            @foreach ($variants as $v => $variant)
                <section class="sheet">
                    <h2>{{ $variant->id }}</h2>
                    <input type="hidden" name="variants[{{ $v }}][option]"
                        value="{{ $variant->options[0] }}"><input type="hidden"
                        name="variants[{{ $v }}][days]" value="{{ implode('-', $variant->days) }}">
                    <x-field :name="'variants[' . $v . '][name]'" label="What it is" :value="$variant->name" maxlength="160" />
                    @error("variants.{$v}.lines")
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                    <table class="list lines">
                        <thead>
                            <tr>
                                <th scope="col">Line</th>
                                <th scope="col">Count</th>
                                <th scope="col">Each, {{ shop()->money()->sign }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @for ($l = 0; $l < count($variant->lines) + 2; $l++)
                                @php
                                    $line = $variant->lines[$l] ?? null;
                                @endphp

                                @php
                                    $key = "variants.{$v}.lines.{$l}";
                                @endphp

                                <tr>
                                    <td><input aria-label="Line {{ $l + 1 }} of {{ $variant->id }}"
                                            name="variants[{{ $v }}][lines][{{ $l }}][what]"
                                            value="{{ old($key . '.what', $line?->what) }}" maxlength="160"></td>
                                    <td><input aria-label="Count of line {{ $l + 1 }} of {{ $variant->id }}"
                                            name="variants[{{ $v }}][lines][{{ $l }}][count]"
                                            value="{{ old($key . '.count', $line?->count ?? 1) }}" inputmode="numeric">
                                    </td>
                                    @php
                                        $each = old(
                                            $key . '.each',
                                            $line === null ? '' : shop()->money()->typed($line->each->minor),
                                        );
                                    @endphp
                                    <td><input aria-label="Price of line {{ $l + 1 }} of {{ $variant->id }}"
                                            name="variants[{{ $v }}][lines][{{ $l }}][each]"
                                            value="{{ $each }}" inputmode="decimal">
                                        @foreach ([$key . '.each', $key . '.count'] as $one)
                                            @error($one)
                                                <p class="error">{{ $message }}</p>
                                            @enderror
                                        @endforeach
                                    </td>
                                </tr>
                            @endfor
                        </tbody>
                    </table>
                    @php
                        $promiseName = "variants[{$v}][promise]";
                    @endphp
                    <x-field :name="$promiseName" label="What it promises" area :value="$variant->promise" maxlength="600" />
                    <x-field :name="'variants[' . $v . '][limits]'" label="Its limits" area :value="$variant->limits" maxlength="600" />
                    <x-field :name="'variants[' . $v . '][warranty]'" label="Warranty, months" type="number" min="0" max="60"
                        :value="$variant->warrantyMonths" />
                </section>
            @endforeach
        </div>
        @error('variants')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
        <section class="sheet">
            <div class="pair"><x-field name="valid_until" label="Holds until" type="date" :value="$until" />
                <x-field name="words" label="A line of your own" maxlength="600" autocomplete="off" />
            </div>
            <p>It goes out as words that do not change. Another quote takes its place; the owner answers once.</p>
            <button class="main">Send it to the owner</button> <a class="quiet"
                href="{{ route('jobs.decide', $job) }}">Not now</a>
        </section>
    </form>
</x-layout>
