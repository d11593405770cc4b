@props(['page'])
{{-- What is looked at or measured: picked on the drawing or from the list. --}}
@php
    $points = new App\View\MeasuringPoints($page->catalogue);
@endphp

<div class="points" aria-hidden="true"><svg class="ways" viewBox="0 0 100 100" preserveAspectRatio="none">
        <path d="M20 8H50V50H15M50 50H90M50 50V92H12M50 92H90" />
    </svg>
    @foreach ($points->by($page->choices->checks()) as $at => $checks)
        <div class="point at-{{ $at }}"><b>{{ $points->placeName($at) }}</b>
            @foreach ($checks as $check)
                <button type="button" tabindex="-1" data-pick="{{ $check->id }}"
                    x-on:click="pick">{{ $check->name }}</button>
            @endforeach
        </div>
    @endforeach
</div>
<div class="field"><label for="c-check">What</label><select id="c-check" name="entry[check]" autofocus
        x-ref="check" x-on:change="choose" x-on:keydown="digit">
        @foreach ($page->choices->checks() as $check)
            <option value="{{ $check->id }}" @selected(old('entry.check') === $check->id)>{{ $check->name }}</option>
        @endforeach
    </select>
</div>
