@props(['name', 'of', 'several' => false])
<label @class(['pick', 'heard' => $of['heard'] ?? false])><input type="{{ $several ? 'checkbox' : 'radio' }}" name="{{ $name }}"
        value="{{ $of['value'] }}" @checked($of['checked'] ?? false)>
    {{ $of['words'] }}</label>
