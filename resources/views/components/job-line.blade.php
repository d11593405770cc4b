@props(['job'])
@php($data = $job->summary?->data ?? [])
<li>
    <a class="job" href="{{ auth()->user()->can('work-at-bench') ? route('jobs.show', $job) : route('jobs.tag', $job) }}">
        <span class="tag">{{ $job->tag }}</span>
        <span class="what"><b>{{ $job->machine->model }}</b><small>{{ $job->machine->owner->name }}</small></span>
        <span class="far"><x-thumb :thumb="App\View\Thumb::of($data['thumb'] ?? null)"/><small>{{ $data['outcome'] ?? '' }}</small></span>
        <span class="who-is">
            @if ($data['locks'] ?? [])<span><b class="danger">{{ implode(', ', $data['locks']) }}</b>@if ($data['locked_until'] ?? null)<small>until {{ \Illuminate\Support\Carbon::parse($data['locked_until'])->format('D H:i') }}</small>@endif</span>
            @elseif ($data['suspect'] ?? null)<x-mark :standing="$data['suspect']['standing']"/> <span>{{ $data['suspect']['name'] }} <span class="num">{{ $data['suspect']['percent'] > 99 ? '>99' : $data['suspect']['percent'] }} %</span></span>
            @else<small>nothing known yet</small>@endif
        </span>
        <span class="then">
            @if ($job->summary?->closed)<small>closed</small>
            @else{{ $data['next'] ?? '' }}@endif
            @foreach ($data['timers'] ?? [] as $timer)@if (\Illuminate\Support\Carbon::parse($timer['until'])->isFuture())<span class="timer" data-until="{{ \Illuminate\Support\Carbon::parse($timer['until'])->getTimestamp() }}">{{ $timer['name'] }} <b class="num">…</b></span>@endif @endforeach
            @php($aside = array_filter([$job->claim ? "bench {$job->claim->bench}, {$job->claim->user->name}" : '', ($data['off'] ?? 0) > 0 && ! $job->summary?->closed ? "{$data['off']} off" : '']))
            @if ($aside !== [])<small>{{ implode(' · ', $aside) }}</small>@endif
            @foreach ($data['lent'] ?? [] as $tag)<span class="lent">{{ $tag }}</span>@endforeach
        </span>
        <span class="num since">{{ ($job->arrived_at ?? $job->created_at)->format("j M") }}</span>
    </a>
</li>
