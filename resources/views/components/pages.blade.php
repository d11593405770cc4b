@props(['of', 'before' => 'newer', 'after' => 'older'])
@if ($of->hasPages())
    <p class="pages">
        @if ($of->previousPageUrl())
            <a href="{{ $of->previousPageUrl() }}">{{ $before }}</a>
        @endif
        @if ($of->nextPageUrl())
            <a href="{{ $of->nextPageUrl() }}">{{ $after }}</a>
        @endif
    </p>
@endif
