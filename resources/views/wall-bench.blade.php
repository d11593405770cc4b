{{-- What stands on a bench, to be read from two metres. --}}
<x-layout :title="'Bench ' . $bench" bare>
    <div class="wall bench-wall" x-data="wall">
        <header class="wall-head">
            <h1>Bench {{ $bench }}</h1>
            <p>{{ now()->format('H:i') }}</p>
            <p class="noprint"><a href="{{ route('wall') }}">Wall</a> <a href="{{ route('floor') }}">Floor</a></p>
        </header>
        @if ($job === null)
            <p class="free">Free. Take a bench on a job's page, and it stands here.</p>
        @else
            <div class="wall-job">
                <span class="tag">{{ $job->tag }}</span>
                <b>{{ $job->machine->model }}</b>
                <span>{{ $job->claim->user->name }}</span>
            </div>
            @foreach ($locks as $lock)
                <p class="wall-lock"><b>{{ $lock->lock->name }}.</b> {{ $lock->lock->sentence }}</p>
            @endforeach
            <x-chain :chain="$chain" />
            <div class="wall-next">
                <p class="kind">{{ $state }}</p>
                <h2>{{ $next }}</h2>
                @foreach ($outcomes as $outcome)
                    <p><span class="num">{{ \Orthoscope\Core\Plain\Percent::whole($outcome->probability) }} %</span>
                        {{ $outcome->words }}</p>
                @endforeach
            </div>
            <div class="wall-foot">
                @foreach ($timers as $timer)
                    <span class="timer" data-until="{{ $timer->until->getTimestamp() }}">{{ $timer->name }} <b
                            class="num">…</b></span>
                @endforeach
                @if ($last !== '')
                    <p>Last: {{ $last }}</p>
                @endif
                @if ($off !== [])
                    <p>Off: {{ implode(', ', $off) }}</p>
                @endif
            </div>
        @endif
    </div>
</x-layout>
