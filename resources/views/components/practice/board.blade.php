@props(['board'])
{{-- The machine as it can be seen and heard after its last start. What moves stands still where the reader asked for less motion. --}}
<figure class="practice-board" @if ($board->beeps && session('answered')) data-beeps-now @endif>
    <svg viewBox="0 0 320 176" role="img" aria-label="{{ $board->spoken() }}">
        <rect class="case" x="4" y="4" width="196" height="168" rx="6" />
        <rect class="pcb" x="44" y="14" width="118" height="112" rx="3" />
        <g class="supply">
            <rect x="14" y="134" width="62" height="30" rx="3" />
            <text x="20" y="153">supply</text>
        </g>
        @foreach ([[96, 52, 20], [180, 40, 14], [58, 149, 0]] as [$x, $y, $r])
            @if ($r > 0)
                <g class="fan {{ $board->started ? $board->fans : 'still' }}">
                    <circle cx="{{ $x }}" cy="{{ $y }}" r="{{ $r }}" />
                    <g class="blades">
                        @foreach ([0, 60, 120, 180, 240, 300] as $turn)
                            <path transform="rotate({{ $turn }} {{ $x }} {{ $y }})"
                                d="M{{ $x }} {{ $y }}q{{ $r * 0.5 }} {{ -$r * 0.15 }} {{ $r * 0.8 }} {{ -$r * 0.5 }}" />
                        @endforeach
                    </g>
                </g>
            @endif
        @endforeach
        <g class="sticks">
            <rect x="130" y="20" width="4" height="56" />
            <rect x="140" y="20" width="4" height="56" />
        </g>
        <rect class="slot" x="52" y="92" width="56" height="7" rx="1" />
        @if ($board->standby !== null)
            <g class="lamp {{ $board->standby }}">
                <circle cx="52" cy="24" r="3.5" /><text x="59" y="27">standby</text>
            </g>
        @endif
        @foreach ($board->lamps as $i => $lamp)
            <g class="lamp status {{ $board->lamp === $lamp ? 'on' : 'off' }}">
                <circle cx="152" cy="{{ 86 + 10 * $i }}" r="3" /><text x="147" y="{{ 88.5 + 10 * $i }}"
                    text-anchor="end">{{ $lamp }}</text>
            </g>
        @endforeach
        @if ($board->code !== null)
            <g class="display">
                <rect x="52" y="106" width="30" height="16" rx="2" /><text x="67" y="118.5"
                    text-anchor="middle">{{ $board->code }}</text>
            </g>
        @endif
        @if ($board->power !== null)
            <g class="lamp front {{ $board->power }}">
                <circle cx="188" cy="152" r="4" /><text x="181" y="155" text-anchor="end">power</text>
            </g>
        @endif
        <g class="screen {{ $board->picture ? 'lit' : 'dark' }} {{ $board->garbled ? 'garbled' : '' }}">
            <rect x="216" y="34" width="98" height="70" rx="4" />
            <rect class="glass" x="221" y="39" width="88" height="60" rx="2" />
            <path d="M254 104h22v10h10v5h-42v-5h10z" />
            @if ($board->garbled)
                <path class="noise" d="M225 50h30M262 58h40M230 70h22M258 82h44M226 90h34" />
            @endif
            <text x="265" y="72" text-anchor="middle">{{ $board->screen }}</text>
        </g>
    </svg>
    <figcaption>
        @if ($board->beeps)
            <button type="button" data-beeps="{{ $board->beeps }}">Hear the beeps</button>
            <span>{{ $board->heard() }}</span>
        @elseif ($board->beeps === '' && $board->started)
            <span>The speaker is silent.</span>
        @endif
    </figcaption>
</figure>
