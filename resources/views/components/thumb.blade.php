@props(['thumb'])
<svg class="thumb" width="120" height="10" viewBox="0 0 120 10" role="img" aria-label="{{ $thumb->spoken }}">
    @foreach ($thumb->pads as $i => $state)<rect class="pad {{ $state }}" x="{{ $i * 10 + 0.75 }}" y="1.25" width="7.5" height="7.5" rx="1.5"/>@endforeach
</svg>
