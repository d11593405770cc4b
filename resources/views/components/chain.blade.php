@props(['chain', 'ask' => false])
@php
    $w = App\View\ChainDrawing::WIDTH;
    $t = App\View\ChainDrawing::TRACE;
    $first = $chain->pads[0]['x'];
    $last = $chain->pads[count($chain->pads) - 1]['x'];
@endphp
<svg class="chain" viewBox="0 0 {{ $w }} {{ $chain->height }}" role="group"
    aria-label="Power-on chain. {{ $chain->spoken }}">
    <path class="trace beyond"
        d="M{{ $chain->maybe ?? ($chain->solid ?? $first) }} {{ $t }}H{{ $last }}" />
    @if ($chain->maybe)
        <path class="trace maybe" d="M{{ $chain->solid ?? $first }} {{ $t }}H{{ $chain->maybe }}" />
    @endif
    @if ($chain->solid && $chain->solid > $first)
        <path class="trace solid" d="M{{ $first }} {{ $t }}H{{ $chain->solid }}" />
    @endif
    @if ($chain->flagAt !== null)
        <path class="trace {{ $chain->maybe ? 'maybe-end' : 'cut' }}"
            d="M{{ $chain->maybe ?? ($chain->solid ?? $first) }} {{ $t }}H{{ $chain->flagAt - 64 }}l8 8" />
        <path class="flag"
            d="M{{ $chain->flagAt - 57 }} {{ $t + 14 }}V{{ $t - 9 }}h45l-6 9 6 9h-43.4V{{ $t + 14 }}z" />
        <text class="flag-text" x="{{ $chain->flagAt - 52 }}" y="{{ $t + 4.5 }}">{{ $chain->flag }}</text>
    @endif
    @foreach ($chain->pads as $pad)
        <text class="stage {{ $pad['state'] }}" x="{{ $pad['x'] - 9 }}" y="14">{{ $pad['name'] }}</text>
        <rect class="pad {{ $pad['state'] }}" x="{{ $pad['x'] - 8 }}" y="{{ $t - 8 }}" width="16"
            height="16" rx="3.5" />
    @endforeach
    @foreach ($chain->parts as $part)
        @if ($part->stem)
            <path class="stem" d="M{{ $part->x }} {{ $t + 8 }}V{{ $part->y - 12 }}" />
        @endif
        <g class="part {{ $part->standing }} {{ $part->isTight() ? 'tight' : '' }}" data-part="{{ $part->id }}"
            data-entries="{{ implode(' ', $part->entries) }}" role="img" aria-label="{{ $part->title }}"
            @if ($ask) tabindex="{{ $loop->first ? 0 : -1 }}" data-what="{{ $part->title }}. {{ $part->means() }}" @endif>
            <rect class="halo" x="{{ $part->x - 13 }}" y="{{ $part->y - 13 }}" width="{{ $part->small ? 64 : 98 }}"
                height="26" rx="5" />
            @if ($part->lent)
                <rect class="lent-frame" x="{{ $part->x - 13 }}" y="{{ $part->y - 12 }}"
                    width="{{ $part->small ? 62 : 96 }}" height="24" rx="4" />
                <rect class="lent-frame" x="{{ $part->x - 10.5 }}" y="{{ $part->y - 9.5 }}"
                    width="{{ $part->small ? 57 : 91 }}" height="19" rx="3" />
            @endif
            @if ($part->out)
                <rect class="out-cell" x="{{ $part->x - 11 }}" y="{{ $part->y - 11 }}" width="22" height="22"
                    rx="3" />
            @endif
            <use href="#mark-{{ $part->standing }}" x="{{ $part->x - 9 }}" y="{{ $part->y - 9 }}" width="18"
                height="18" />
            <text class="name" x="{{ $part->x + 13 }}" y="{{ $part->y + 4.5 }}">{{ $part->lent ?? $part->label }}
                @if ($part->percent)
                    <tspan class="percent">{{ $part->percent }}</tspan>
                @endif
            </text>
        </g>
    @endforeach
    @if ($chain->locked)
        <g class="barrier">
            <path
                d="M{{ $first - 14 }} {{ $t - 16 }}V{{ $t + 16 }}M{{ $first - 9 }} {{ $t - 16 }}V{{ $t + 16 }}" />
            <rect x="{{ $first + 14 }}" y="{{ $t - 11 }}" width="{{ 92 + 7 * strlen($chain->locked) }}"
                height="22" rx="3" /><text x="{{ $first + 22 }}" y="{{ $t + 5 }}">no power:
                {{ $chain->locked }}</text>
        </g>
    @endif
</svg>
