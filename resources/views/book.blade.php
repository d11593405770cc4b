<x-layout title="Handbook" nav="book">
    <div class="head">
        <h1>Handbook</h1>
        <p>What the adviser knows, every number of it, and what this shop wrote beside it.
            @can('work-at-bench')
                <a href="{{ route('codes') }}">Codes of this shop</a> ·
                <a href="{{ route('book.cards') }}">Bench cards</a>
            @endcan
        </p>
    </div>
    <form class="book-find" action="{{ route('book') }}" role="search" aria-label="Handbook" data-draft="no">
        <label class="visually-hidden" for="book-q">Search the handbook</label>
        <input id="book-q" name="q" type="search" value="{{ $typed }}" maxlength="80"
            autocomplete="off" placeholder="Search the handbook" data-slash
            @if ($typed !== '') autofocus @endif>
        <button>Search</button> <kbd aria-hidden="true">/</kbd>
    </form>
    @if ($found !== null)
        <section class="sheet book-results" x-data="along" x-on:keydown.window="key">
            <h2>{{ count($found) === 0 ? 'Nothing found' : (count($found) === 1 ? '1 page' : count($found) . ' pages') }}
            </h2>
            @if ($found === [])
                <p>No page says anything like “{{ $typed }}”. Try a word of the bench: a part, a lamp, what was
                    seen.</p>
            @endif
            <ol class="book-found">
                @foreach ($found as $page)
                    <li><a href="{{ route('book.page', [$page->kind, $page->id]) }}">{{ $page->title }}</a>
                        <small>{{ Orthoscope\Core\Handbook\Book::CHAPTERS[$page->kind] }}.
                            {{ \Illuminate\Support\Str::limit($page->lead, 120) }}</small>
                    </li>
                @endforeach
            </ol>
        </section>
    @endif
    @if ($asked > 0)
        @can('lead')
            <p class="notice">{{ $asked === 1 ? 'One note asks' : "{$asked} notes ask" }} for another number: look for
                “asks” on
                <a href="{{ route('book.asked') }}">their pages</a>.
            </p>
        @endcan
    @endif
    <div class="book-chapters">
        @foreach ($chapters as $kind => $pages)
            <details class="sheet" @if (in_array($kind, ['part', 'stage'], true) && $found === null) open @endif>
                <summary>
                    <h2>{{ Orthoscope\Core\Handbook\Book::CHAPTERS[$kind] }}</h2> <span
                        class="num">{{ count($pages) }}</span>
                </summary>
                <ul class="book-list">
                    @foreach ($pages as $page)
                        <li><a href="{{ route('book.page', [$page->kind, $page->id]) }}">{{ $page->title }}</a></li>
                    @endforeach
                </ul>
            </details>
        @endforeach
        <details class="sheet">
            <summary>
                <h2>Models this shop has had</h2> <span class="num">{{ count($models) }}</span>
            </summary>
            @if ($models === [])
                <p>None yet: a model has a page once a job of it is closed.</p>
            @endif
            <ul class="book-list">
                @foreach ($models as $model => $jobs)
                    <li><a href="{{ route('book.model', $model) }}">{{ $model }}</a> <span
                            class="num">{{ $jobs }}</span></li>
                @endforeach
            </ul>
        </details>
    </div>
</x-layout>
