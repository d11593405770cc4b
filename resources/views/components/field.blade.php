@props([
    'name',
    'label',
    'type' => 'text',
    'value' => null,
    'hint' => null,
    'area' => false,
    'within' => 'f',
    'kept' => true,
])
@php
    $key = str_replace(['[', ']'], ['.', ''], $name);
@endphp

@php
    $id = $within . '-' . str_replace('.', '-', $key);
@endphp

<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($area)
        @php
            $wrong = $kept && $errors->has($key);
        @endphp
        <textarea id="{{ $id }}" name="{{ $name }}" rows="3" {{ $attributes }}
            @if ($wrong) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>{{ $kept ? old($key, $value) : $value }}</textarea>
    @else
        <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
            value="{{ $kept ? old($key, $value) : $value }}" {{ $attributes }}
            @if ($kept && $errors->has($key)) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>
    @endif
    @if ($hint)
        <small>{{ $hint }}</small>
    @endif
    @if ($kept && $errors->has($key))
        <p class="error" id="{{ $id }}-error">{{ $errors->first($key) }}</p>
    @endif
</div>
