@props(['grades'])
{{-- Five machines: named, missed, or not tried. Told by shape and letter, not by colour alone. --}}
<ol class="grades">
    @foreach ($grades as $grade => $named)
        <li @class(['named' => $named === true, 'missed' => $named === false])>
            <span class="visually-hidden">Machine {{ $grade }}:
                {{ $named === null ? 'not tried' : ($named ? 'named' : 'missed') }}</span><span
                aria-hidden="true">{{ $named === null ? $grade : ($named ? '✓' : '×') }}</span>
        </li>
    @endforeach
</ol>
