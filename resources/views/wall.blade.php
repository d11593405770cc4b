<x-layout title="Wall" bare>
    <div class="wall" x-data="wall">
        <header class="wall-head">
            <h1>{{ shop()->name }}</h1>
            <p>{{ $floor->open() }} {{ $floor->open() === 1 ? 'machine' : 'machines' }} ·
                {{ now()->format('D j M, H:i') }}</p>
            <p class="noprint"><a href="{{ route('floor') }}">Floor</a>
                @can('work-at-bench')
                    @for ($bench = 1; $bench <= shop()->benches; $bench++)
                        <a href="{{ route('wall.bench', $bench) }}">Bench {{ $bench }}</a>
                    @endfor
                @endcan
            </p>
        </header>
        <div class="wall-columns">
            @foreach ($groups as $key => $jobs)
                <section aria-labelledby="w-{{ $key }}">
                    <h2 id="w-{{ $key }}">{{ Orthoscope\Core\Bench\JobState::from($key)->words() }} <span
                            class="count">{{ $jobs->count() }}</span></h2>
                    <ul>
                        @foreach ($jobs as $job)
                            @php
                                $data = $job->summary?->data ?? [];
                            @endphp

                            <li @class([
                                'late' => $job->next_word_at?->isPast() && !$job->summary?->closed,
                            ])>
                                <span class="tag">{{ $job->tag }}</span>
                                <b>{{ $job->machine->model }}</b>
                                <span>{{ $job->summary?->closed ? '' : $data['next'] ?? '' }}</span>
                                @if ($job->next_word_at?->isPast() && !$job->summary?->closed)
                                    <small class="danger">word owed since
                                        {{ $job->next_word_at->format('D H:i') }}</small>
                                @endif
                                @if ($job->claim)
                                    <small>bench {{ $job->claim->bench }}, {{ $job->claim->user->name }}</small>
                                @endif
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
    </div>
</x-layout>
