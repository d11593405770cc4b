@props(['kind', 'label', 'family' => null, 'grade' => null, 'case' => null, 'main' => false, 'advice' => true])
@php
    $id = implode('-', array_filter(['advice', $kind, $family, $grade, $case]));
@endphp
<form method="post" action="{{ route('practice.begin') }}" class="practice-begin" data-draft="no">@csrf
    <input type="hidden" name="kind" value="{{ $kind }}">
    @if ($family)
        <input type="hidden" name="family" value="{{ $family }}">
    @endif
    @if ($grade)
        <input type="hidden" name="grade" value="{{ $grade }}">
    @endif
    @if ($case)
        <input type="hidden" name="case" value="{{ $case }}">
    @endif
    @if ($advice)
        <label class="visually-hidden" for="{{ $id }}">The adviser meanwhile</label><select
            id="{{ $id }}" name="advice">
            @foreach (App\Models\Practice::ADVICE as $value => $words)
                <option value="{{ $value }}" @selected($value === App\Models\Practice::ASKED)>{{ $words }}</option>
            @endforeach
        </select>
    @endif
    <button @class(['main' => $main])>{{ $label }}</button>
</form>
