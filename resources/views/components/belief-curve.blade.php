@props(['curve', 'job'])
@php
    $w = App\View\BeliefCurve::WIDTH;
    $h = App\View\BeliefCurve::HEIGHT;
@endphp
<svg class="belief-curve" viewBox="0 0 {{ $w }} {{ $h }}" role="group"
    aria-label="Belief after each entry">
    @foreach ([0, 50, 100] as $percent)
        @php
            $y = round(App\View\BeliefCurve::y($percent / 100), 1);
        @endphp
        <path class="grid" d="M34 {{ $y }}H{{ $w }}" />
        <text class="number" x="28" y="{{ $y + 4 }}" text-anchor="end">{{ $percent }}</text>
    @endforeach
    <path class="course" d="{{ $curve->line }}" />
    @foreach ($curve->points as $point)
        @if ($point['labelled'])
            <text class="number" x="{{ $point['x'] }}" y="{{ $h - 6 }}"
                text-anchor="middle">{{ $point['entry'] === 0 ? 'before' : $point['entry'] }}</text>
        @endif
        @if ($point['entry'] > 0)
            <a href="{{ route('why.then', [$job, $point['entry']]) }}"
                aria-label="After entry {{ $point['entry'] }}: {{ $point['percent'] }} percent{{ $point['mover'] ? ', moved most' : '' }}">
                <title>after entry {{ $point['entry'] }}: {{ $point['percent'] }} %</title>
                <circle class="target" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="12" />
                <circle class="dot {{ $point['mover'] ? 'mover' : '' }}" cx="{{ $point['x'] }}"
                    cy="{{ $point['y'] }}" r="{{ $point['mover'] ? 6 : 3.5 }}" />
            </a>
        @endif
    @endforeach
</svg>
