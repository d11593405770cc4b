{{-- Who should have heard by now: the list is cleared by ringing them. --}}
@props(['overdue', 'open' => false])
@if ($overdue->count > 0)
    <details class="notice overdue" @if ($open) open @endif>
        <summary><b>{{ $overdue->count }} {{ $overdue->count === 1 ? 'owner' : 'owners' }} should have heard by now</b>
        </summary>
        @foreach ($overdue->jobs as $job)
            <div class="late">
                <a class="tag" href="{{ route('jobs.stand', $job) }}">{{ $job->tag }}</a>
                <span>{{ trim("{$job->machine->owner->name} {$job->machine->owner->phone}") }},
                    {{ $job->next_word_at->diffForHumans() }}</span>
                <x-rang :job="$job" :next="$overdue->next" />
            </div>
        @endforeach
        @if ($overdue->more() > 0)
            <p>and {{ $overdue->more() }} more</p>
        @endif
    </details>
@endif
