@props(['job', 'written', 'once', 'key' => null, 'dim' => false])
<form method="post" action="{{ route('entries.store', $job) }}" class="press">
    @csrf
    <input type="hidden" name="written" value="{{ $written }}"><input type="hidden" name="once"
        value="{{ $once }}">
    <button class="outcome {{ $dim ? 'dim' : '' }}"
        @if ($key) data-key="{{ $key }}" @endif>{{ $slot }}@if ($key)
            <kbd aria-hidden="true">{{ $key }}</kbd>
        @endif
    </button>
</form>
