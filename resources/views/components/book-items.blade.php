@props(['items'])
<ul class="book-items">
    @foreach ($items as $item)
        <li>
            @php
                [$kind, $id] = [...explode('/', $item->to ?? '', 2), ''];
            @endphp
            @if ($item->to !== null)
                <a href="{{ route('book.page', [$kind, $id]) }}">{{ $item->words }}</a>
            @else
                <span>{{ $item->words }}</span>
            @endif
            @if ($item->value !== '')
                <span class="value">{{ $item->value }}
                    @if ($item->was !== null)
                        <small>this shop's own; ships as {{ $item->was }}</small>
                    @endif
                </span>
            @endif
        </li>
    @endforeach
</ul>
