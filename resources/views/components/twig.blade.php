@props(['twig'])
@if ($twig->step === null)
    <span class="leaf">→ <b>{{ $twig->name }}</b> {{ \Orthoscope\Core\Plain\Percent::whole($twig->chance) }} %</span>
@else
    <b>{{ $twig->step->name() }}</b> <small>{{ $twig->step->minutes() }} min</small>
    @if ($twig->step->step->caution)
        <small class="danger">{{ $twig->step->step->caution }}</small>
    @endif
    <ul>
        @foreach ($twig->branches as $branch)
            <li><span class="seen">{{ $branch->words }}</span>
                <small>{{ \Orthoscope\Core\Plain\Percent::whole($branch->chance) }}
                    %</small>
                <div><x-twig :twig="$branch->then" /></div>
            </li>
        @endforeach
    </ul>
@endif
