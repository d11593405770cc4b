{{-- A word or number that says what it means to whoever rests on it or comes to it by key. --}}
@props(['says'])
<button type="button" class="what" data-what="{{ App\View\WhatIs::SAYS[$says] }}">{{ $slot }}</button>
