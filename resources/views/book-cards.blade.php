<x-layout title="Bench cards" nav="book">
    <div class="head">
        <p class="crumbs"><a href="{{ route('book') }}">Handbook</a></p>
        <h1>Bench cards</h1>
        <p>The ten steps this shop takes most, on A5, for a bench without a screen. Any page of the book prints as one.
            <a href="{{ route('book.cards.pdf') }}">All ten to print</a>
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
