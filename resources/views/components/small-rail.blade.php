{{-- The way of a job in thumb size: what is done, where it stands, what is ahead. --}}
@props(['way'])
@php
    $stations = Orthoscope\Core\HandBack\Station::cases();
    $at = array_search('here', $way, true);
@endphp
<span class="small-rail">
    @if (count($way) === count($stations))
        <span class="visually-hidden">stands at: {{ $stations[$at === false ? 0 : $at]->words() }}</span>
        <svg viewBox="0 0 98 14" aria-hidden="true">
            @foreach ($way as $i => $state)
                @if ($i > 0)
                    <path class="between {{ $state === 'ahead' ? 'ahead' : '' }}" d="M{{ 14 * $i - 3 }} 7h6" />
                @endif
                <rect class="{{ $state }}" x="{{ 14 * $i + 3 }}" y="3" width="8" height="8"
                    rx="2" />
            @endforeach
        </svg>
    @endif
</span>
