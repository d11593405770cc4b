@props(['percent'])
<span class="belief-bar"><svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
        <rect class="meter-all" width="100" height="8" />
        <rect class="meter-part" width="{{ max(1, $percent) }}" height="8" />
    </svg><b class="num">{{ $percent }} %</b></span>
