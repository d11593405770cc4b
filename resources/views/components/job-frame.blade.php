<div class="job-head noprint">
    @can('work-at-bench')
        <a class="tag" href="{{ route('jobs.show', $job) }}" title="The bench page of this job">{{ $job->tag }}</a>
    @else
        <a class="tag" href="{{ route('jobs.stand', $job) }}" title="Where this job stands">{{ $job->tag }}</a>
    @endcan
    @if ($main)
        <h1>{{ $job->machine->model }}</h1>
    @else
        <b class="model">{{ $job->machine->model }}</b>
    @endif
    @if ($alone() !== null)
        <span class="alone">{{ $alone() }} alone</span>
    @endif
    <p class="complaint">
        @if ($assessment->record->complaint() !== '')
            “{{ $assessment->record->complaint() }}”
        @endif
        <span class="owner">{{ $job->machine->owner->name }}</span>
    </p>
    {{ $slot }}
    <details class="more" x-data="more" x-on:keydown.escape="shut" x-on:click.outside="shut">
        <summary>More</summary>
        <ul>
            @foreach ($beside() as [$name, $page])
                <li><a href="{{ $page }}"
                        @if (url()->current() === $page) aria-current="page" @endif>{{ $name }}</a></li>
            @endforeach
        </ul>
    </details>
</div>
<nav class="rail noprint" aria-label="The way of this job">
    <ol>
        @foreach ($way as $point)
            @php
                $to = $address($point);
            @endphp
            <li @class([
                'done' => $point->isDone,
                'here' => $point->isHere,
                'open' => $at === $point->station->value,
            ])>
                @if ($to === null)
                    <span class="stop"><b>{{ $point->station->words() }}</b> <small
                            @class(['danger' => $isLate($point)])>{{ $words($point) }}</small></span>
                @else
                    <a class="stop" href="{{ $to }}"
                        @if ($at === $point->station->value) aria-current="page" @endif><b>{{ $point->station->words() }}</b>
                        <small @class(['danger' => $isLate($point)])>{{ $words($point) }}</small></a>
                @endif
            </li>
        @endforeach
    </ol>
</nav>
@if ($guide() !== null)
    <p class="guide noprint" role="note"><b>First job · {{ $guide()->title }}.</b> {{ $guide()->words }}</p>
@endif
