@props(['note', 'settables', 'page'])
<article class="margin-note">
    <p>{{ $note->words }}</p>
    @if ($note->file !== null)
        <a href="{{ route('margin.photo', $note) }}"><img src="{{ route('margin.photo', [$note, 'small' => 1]) }}"
                alt="Photograph of this note" loading="lazy"></a>
    @endif
    @if ($note->path !== null)
        @php
            $one = $settables[$note->path] ?? null;
        @endphp
        <p class="asks">
            <b>{{ $note->answer === null ? 'Asks' : ($note->answer === 'accepted' ? 'Taken over' : 'Left as it is') }}:</b>
            {{ $one === null ? $note->path : $one->name }}
            {{ $one === null || $note->value === null ? 'as it ships' : 'at ' . $one->say($note->value, shop()->money()) }}
            @if ($note->answerer)
                <small>{{ $note->answerer->name }}</small>
            @elseif (auth()->user()->can('lead'))
                <a href="{{ route('book.page', [$page->kind, $page->id, 'look' => $note->id]) }}#preview">Look what it
                    changes</a>
            @endif
        </p>
    @endif
    <small>{{ $note->model === '' ? 'of any machine' : $note->model }} · {{ $note->user->name }},
        {{ shop()->date($note->created_at) }}</small>
    @if ($note->user->is(auth()->user()) || auth()->user()->can('lead'))
        <form method="post" action="{{ route('margin.destroy', $note) }}" data-draft="no">@csrf @method('delete')<button
                class="quiet">take away</button></form>
    @endif
</article>
