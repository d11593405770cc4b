<x-layout title="Numbers asked for" nav="book">
    <p class="crumbs"><a href="{{ route('book') }}">Handbook</a></p>
    <div class="head">
        <h1>Numbers asked for</h1>
        <p>Each is looked at on open jobs before it is taken over.</p>
    </div>
    <section class="sheet">
        <ul class="book-items">
            @forelse ($notes as $note)
                @php
                    $look = route('book.page', [...explode('/', $note->page), 'look' => $note->id]);
                @endphp

                <li><a href="{{ $look }}#preview">{{ str_replace('/', ': ', $note->page) }}</a>
                    <span class="value">{{ $note->words }} <small>{{ $note->user->name }},
                            {{ shop()->date($note->created_at) }}</small></span>
                </li>
            @empty
                <li class="soft">None.</li>
            @endforelse
        </ul>
    </section>
</x-layout>
