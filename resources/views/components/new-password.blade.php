{{-- A password that somebody chooses, typed twice. --}}
@props(['label' => 'Password', 'focus' => false])
<div class="pair"><x-field name="password" :label="$label" type="password" :kept="false" autocomplete="new-password"
        :autofocus="$focus" />
    <x-field name="password_confirmation" label="The same again" type="password" :kept="false"
        autocomplete="new-password" />
</div>
@error('password')
    <p class="error" role="alert">{{ $message }}</p>
@enderror
