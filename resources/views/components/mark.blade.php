@props(['standing', 'label' => null])
<svg class="mark" width="18" height="18" @if ($label) role="img" aria-label="{{ $label }}" @else aria-hidden="true" @endif><use href="#mark-{{ $standing }}"/></svg>
