@props(['twig'])
@if ($twig->step === null)
    <span class="leaf">→ <b>{{ $twig->name }}</b> {{ (int) round(100 * $twig->chance) }} %</span>
@else
    <b>{{ $twig->step->name() }}</b> <small>{{ $twig->step->minutes() }} min</small>
    @if ($twig->step->step->caution)
        <small class="danger">{{ $twig->step->step->caution }}</small>
    @endif
    <ul>
        @foreach ($twig->branches as $branch)
            <li><span class="seen">{{ $branch->words }}</span> <small>{{ (int) round(100 * $branch->chance) }}
                    %</small>
                <div><x-twig :twig="$branch->then" /></div>
            </li>
        @endforeach
    </ul>
@endif
