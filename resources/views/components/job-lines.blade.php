@props(['jobs'])
@php
    $toBench = auth()->user()->can('work-at-bench');
@endphp

@foreach ($jobs as $job)
    @php
        $data = $job->summary?->data ?? [];
        $handedBack = $job->state() === \Orthoscope\Core\Bench\JobState::Closed;
    @endphp

    <li>
        <a class="job" href="{{ $toBench ? route('jobs.show', $job) : route('jobs.stand', $job) }}">
            <span class="tag">{{ $job->tag }}</span>
            <span class="what"><b>{{ $job->machine->model }}</b><small>{{ $job->machine->owner->name }}</small></span>
            @if ($ended = $data['ended'] ?? null)
                <span
                    class="ended"><b>{{ $ended['was'] ?: 'what it was is not known' }}</b><small>{{ $ended['how'] }}</small></span>
            @else
                <span
                    class="far">{{ App\View\Thumb::of($data['thumb'] ?? null) }}<small>{{ $data['outcome'] ?? '' }}</small></span>
            @endif
            <span class="who-is">
                @if ($data['locks'] ?? [])
                    <span><b class="danger">{{ implode(', ', $data['locks']) }}</b>
                        @if ($data['locked_until'] ?? null)
                            <small>until
                                {{ \Illuminate\Support\Carbon::parse($data['locked_until'])->format('D H:i') }}</small>
                        @endif
                    </span>
                @elseif ($ended)
                    <small>{{ $handedBack ? 'handed back' : 'to be collected' }}</small>
                @elseif (!$toBench)
                    <small>{{ $job->summary?->closed ? '' : 'say no cause yet' }}</small>
                @elseif ($data['suspect'] ?? null)
                    {{ App\View\Mark::of($data['suspect']['standing']) }} <span>{{ $data['suspect']['name'] }} <span
                            class="num">{{ $data['suspect']['percent'] > 99 ? '>99' : $data['suspect']['percent'] }}
                            %</span></span>
                @else<small>nothing known yet</small>
                @endif
            </span>
            <span class="then">
                @if ($job->state() === \Orthoscope\Core\Bench\JobState::Collect)
                    <small>ready</small>
                @elseif ($job->summary?->closed && !$ended)
                    <small>closed</small>
                @elseif (!$job->summary?->closed)
                    {{ $data['next'] ?? '' }}
                @endif
                @if (
                    ($data['due'] ?? null) &&
                        in_array($job->state(), [\Orthoscope\Core\Bench\JobState::Part, \Orthoscope\Core\Bench\JobState::Answer], true))
                    <small>
                        @if (\Illuminate\Support\Carbon::parse($data['due'])->isPast())
                            <b class="danger">late</b>,
                        @endif{{ $job->summary->waits_for === 'part' ? 'due' : 'holds until' }}
                        {{ \Illuminate\Support\Carbon::parse($data['due'])->format('j M') }}
                    </small>
                @endif
                @foreach ($data['timers'] ?? [] as $timer)
                    @if (\Illuminate\Support\Carbon::parse($timer['until'])->isFuture())
                        <span class="timer"
                            data-until="{{ \Illuminate\Support\Carbon::parse($timer['until'])->getTimestamp() }}">{{ $timer['name'] }}
                            <b class="num">…</b></span>
                    @endif
                @endforeach
                @php
                    $aside = array_filter([
                        $job->claim ? "bench {$job->claim->bench}, {$job->claim->user->name}" : '',
                        ($data['off'] ?? 0) > 0 && !$job->summary?->closed ? "{$data['off']} not back" : '',
                    ]);
                @endphp

                @if ($aside !== [])
                    <small>{{ implode(' · ', $aside) }}</small>
                @endif
                @foreach ($data['lent'] ?? [] as $tag)
                    <span class="lent">{{ $tag }}</span>
                @endforeach
            </span>
            <x-small-rail :way="$data['way'] ?? []" />
            <span class="num since">{{ ($job->arrived_at ?? $job->created_at)->format('j M') }}</span>
        </a>
    </li>
@endforeach
