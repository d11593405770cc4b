<x-layout title="What happened" bare>
    <article class="letter owner">
        <header>
            <div>
                <h1>What happened</h1>
                <p>{{ shop()->name }} · {{ shop()->phone }}</p>
            </div>
            <p class="right">{{ $job->tag }}<br>{{ $job->machine->model }}</p>
        </header>
        <p>A computer starts in steps, one after the other. The line shows how far yours got each time.</p>
        <ol class="happened">
            @foreach ($happened->steps as $step)
                <li><time datetime="{{ $step['at']->toDateString() }}">{{ $step['at']->format('j M, H:i') }}</time>
                    <div>
                        <p>{{ $step['words'] }}</p>
                        @if ($step['reached'] !== null)
                            @php
                                $count = count($happened->chain);
                            @endphp

                            @php
                                $spoken =
                                    $step['reached'] >= $count
                                        ? 'It got all the way.'
                                        : 'It got ' . $step['reached'] . ' of ' . $count . ' steps.';
                            @endphp
                            <svg viewBox="0 0 {{ $count * 20 }} 20" class="course" role="img"
                                aria-label="{{ $spoken }}">
                                <path class="all" d="M8 10H{{ $count * 20 - 8 }}" />
                                @if ($step['reached'] > 0)
                                    <path class="got"
                                        d="M8 10H{{ max(8, min($count, $step['reached']) * 20 - 12) }}" />
                                @endif
                                @for ($i = 0; $i < $count; $i++)
                                    @if ($i < $step['reached'])
                                        <circle class="on" cx="{{ $i * 20 + 8 }}" cy="10" r="6" />
                                    @elseif ($i === $step['reached'])
                                        <path class="stop" d="M{{ $i * 20 + 2 }} 4l12 12m0 -12l-12 12" />
                                    @else
                                        <circle class="off" cx="{{ $i * 20 + 8 }}" cy="10" r="4" />
                                    @endif
                                @endfor
                            </svg>
                        @endif
                    </div>
                </li>
            @endforeach
        </ol>
        <p><small>The steps: {{ implode(' · ', array_map(fn($stage) => $stage->plain, $happened->chain)) }}</small></p>
        <p class="noprint"><a href="{{ route('owner.letter', $token) }}">Back</a></p>
    </article>
</x-layout>
