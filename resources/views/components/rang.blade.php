{{-- An owner was rung: what was said, and by when they hear again. A page may have many: what was typed comes back at its own. --}}
@php
    $mine = old('rang') === $job->tag;
@endphp

<form method="post" action="{{ route('jobs.rang', $job) }}" class="rang" novalidate>@csrf
    <input type="hidden" name="once" value="{{ $once }}"><input type="hidden" name="rang"
        value="{{ $job->tag }}">
    <label class="visually-hidden" for="said-{{ $job->tag }}">What was said to
        {{ $job->machine->owner->name }}</label>
    <input id="said-{{ $job->tag }}" name="said" maxlength="300" placeholder="said …" autocomplete="off"
        value="{{ $mine ? old('said') : '' }}">
    <label for="next-{{ $job->tag }}">next word</label>
    <input id="next-{{ $job->tag }}" name="next" type="datetime-local"
        value="{{ $mine ? old('next') : $next->format('Y-m-d\TH:i') }}">
    <button>I rang them</button>
    @if ($mine)
        @error('next')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
        @error('said')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
    @endif
</form>
