@props(['message'])
{{-- Words that leave only once somebody has read them. --}}
@if ($message->state === 'held' && ($message->moment !== 'found' || auth()->user()->can('work-at-bench')))
    <form method="post" action="{{ route('messages.release', $message) }}">@csrf<button>I have read it: send it</button>
    </form>
@endif
