@props(['job', 'page'])
@if ($job->claim)
    <form method="post" action="{{ route('bench.leave', $job) }}" class="claim">
        @csrf @method('delete')<span>Bench <b>{{ $job->claim->bench }}</b>, {{ $job->claim->user->name }}</span> <button
            class="quiet">leave
            it</button></form>
    @if ($job->claim->user_id !== auth()->id())
        <form method="post" action="{{ route('bench.claim', $job) }}" class="claim">@csrf<input type="hidden"
                name="bench" value="{{ $job->claim->bench }}"><button class="quiet">take it over</button></form>
    @endif
@elseif (!$page->isClosed())
    <form method="post" action="{{ route('bench.claim', $job) }}" class="claim">@csrf<span>On no bench</span>
        @foreach ($page->side->benches() as $bench => $taken)
            <button class="quiet" name="bench" value="{{ $bench }}"
                @if ($taken) title="{{ $taken }}" @endif>take bench
                {{ $bench }}{{ $taken ? ' (taken)' : '' }}</button>
        @endforeach
        @error('bench')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
    </form>
@endif
