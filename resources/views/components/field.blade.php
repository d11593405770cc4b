@props(['name', 'label', 'type' => 'text', 'value' => null, 'hint' => null, 'area' => false])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
@php($id = 'f-'.str_replace('.', '-', $key))
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($area)
        <textarea id="{{ $id }}" name="{{ $name }}" rows="3" {{ $attributes }} @error($key) aria-invalid="true" aria-describedby="{{ $id }}-error" @enderror>{{ old($key, $value) }}</textarea>
    @else
        <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" value="{{ old($key, $value) }}" {{ $attributes }} @error($key) aria-invalid="true" aria-describedby="{{ $id }}-error" @enderror>
    @endif
    @if ($hint)<small>{{ $hint }}</small>@endif
    @error($key)<p class="error" id="{{ $id }}-error">{{ $message }}</p>@enderror
</div>
