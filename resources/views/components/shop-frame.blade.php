{{-- The pages of the shop, one beside the other. --}}
@props(['at'])
@php
    $pages = [
        'shop' => 'The shop',
        'people' => 'People',
        'numbers' => 'Numbers',
        'texts' => 'Texts',
        'suppliers' => 'Suppliers',
        'books' => 'Books',
        'bring-in' => 'Bring in',
        'keeping' => 'Keeping',
    ];
@endphp
<nav class="pages-of" aria-label="Pages of the shop">
    @foreach ($pages as $name => $words)
        @if (Route::has($name))
            <a href="{{ route($name) }}"
                @if ($at === $name) aria-current="page" @endif>{{ $words }}</a>
        @endif
    @endforeach
</nav>
