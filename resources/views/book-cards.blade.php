<x-layout title="Bench cards" nav="book">
    <p class="crumbs"><a href="{{ route('book') }}">Handbook</a></p>
    <div class="head">
        <h1>Bench cards</h1>
        <p>The ten steps this shop takes most, on A5, for a bench without a screen. Any page of the book prints as one.
            <a href="{{ route('book.cards.pdf') }}">All ten to print</a>
            · Trees on paper (some seconds to work out): <a href="{{ route('book.tree', 'nothing') }}">it does
                nothing</a>,
            <a href="{{ route('book.tree', 'dark') }}">it runs and stays dark</a>
        </p>
    </div>
    <div class="book-chapters">
        @foreach ($cards as $page)
            <section class="sheet">
                <h2><a href="{{ route('book.page', [$page->kind, $page->id]) }}">{{ $page->title }}</a></h2>
                <p>{{ $page->lead }}</p>
                @if ($page->caution)
                    <p class="caution">{{ $page->caution }}</p>
                @endif
                <p><a href="{{ route('book.card', [$page->kind, $page->id]) }}">Print this one</a></p>
            </section>
        @endforeach
    </div>
</x-layout>
