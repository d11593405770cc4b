{{-- Who writes: picture, name and address of the shop, as far as they are set. --}}
@props(['heading' => false])
<div class="letterhead">
    @if (shop()->logo !== '')
        <img src="{{ route('shop.logo') }}" alt="">
    @endif
    @if ($heading)
        <h1>{{ shop()->name }}</h1>
    @else
        <b>{{ shop()->name }}</b>
    @endif
    <p>{{ shop()->letterhead() }}</p>
</div>
