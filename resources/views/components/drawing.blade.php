@props(['name'])
@php
    $titles = [
        'power-button' => 'The power button, at the front or on top',
        'supply-switch' => 'The back of the computer: lead and small switch',
        'power-lead' => 'A power lead with three holes',
        'status-lamps' => 'Four small lamps in a row on the board',
        'video-outputs' => 'Two groups of outputs: the upper stands, the lower lies',
        'video-lead' => 'A screen lead',
        'rear-ports' => 'The back: leave power and screen in',
        'inside' => 'The inside, seen from the left',
    ];
@endphp

<svg class="drawing" viewBox="0 0 180 130" role="img" aria-label="{{ $titles[$name] }}">
    <title>{{ $titles[$name] }}</title>
    @switch($name)
        @case('power-button')
            <rect x="52" y="8" width="76" height="114" rx="6" />
            <path d="M62 30h56M62 40h56" />
            <circle class="hot" cx="90" cy="78" r="15" />
            <path class="hot" d="M90 68v9M83.5 72.5a9 9 0 1 0 13 0" />
        @break

        @case('supply-switch')
            <rect x="20" y="12" width="140" height="106" rx="4" />
            <circle cx="66" cy="65" r="34" />
            <path d="M66 31v68M32 65h68M42 41l48 48M90 41 42 89" />
            <rect x="112" y="28" width="36" height="30" rx="3" />
            <path d="M120 43h4M128 36v8M136 43h4" />
            <rect class="hot" x="116" y="74" width="28" height="32" rx="3" />
            <path class="hot" d="M130 79v8" />
            <circle class="hot" cx="130" cy="98" r="4" />
        @break

        @case('power-lead')
            <path d="M10 65h58" />
            <path class="hot" d="M68 40h46l14 12v26l-14 12H68z" />
            <path class="hot" d="M112 52h12M112 78h12M108 65h12" />
        @break

        @case('status-lamps')
            <rect x="14" y="14" width="152" height="102" rx="4" />
            <rect x="40" y="34" width="44" height="44" />
            <path d="M108 26v64M118 26v64M128 26v64" />
            @foreach ([0, 1, 2, 3] as $i)
                <circle class="{{ $i === 1 ? 'hot lit' : 'hot' }}" cx="{{ 142 }}" cy="{{ 36 + 16 * $i }}" r="5" />
            @endforeach
        @break

        @case('video-outputs')
            <rect x="44" y="6" width="92" height="118" rx="4" />
            <rect x="54" y="14" width="26" height="44" />
            <path d="M60 22h14M60 32h14M60 42h14" />
            <g class="hot">
                <rect x="54" y="84" width="72" height="18" />
                <path d="M60 90h16v6H60zM82 90h16v6H82zM104 90h16v6h-16z" />
            </g>
            <path d="M20 93h30M44 88l6 5-6 5" />
        @break

        @case('video-lead')
            <path d="M10 80c40 0 40-34 76-34" />
            <path class="hot" d="M86 32h44v28H86zM130 38h16v16h-16z" />
            <path class="hot" d="M94 40v12M104 40v12" />
        @break

        @case('rear-ports')
            <rect x="40" y="6" width="100" height="118" rx="4" />
            <rect class="hot" x="52" y="14" width="30" height="22" rx="2" />
            <rect x="52" y="46" width="22" height="10" />
            <rect x="52" y="60" width="22" height="10" />
            <rect x="80" y="46" width="22" height="10" />
            <circle cx="92" cy="68" r="5" />
            <rect class="hot" x="52" y="92" width="50" height="12" />
            <path d="M74 46l34-10M74 60l34-10" stroke-dasharray="3 3" />
        @break

        @default
            <rect x="20" y="8" width="140" height="114" rx="4" />
            <rect x="52" y="20" width="70" height="60" />
            <circle cx="80" cy="42" r="14" />
            <path d="M104 24v40M110 24v40" />
            <rect class="hot" x="50" y="70" width="86" height="14" />
            <rect x="26" y="92" width="52" height="24" />
            <path d="M36 98l32 12M68 98 36 110" />
    @endswitch
</svg>
