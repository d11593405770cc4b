{{-- Cards of A5, one to a sheet. --}}
<x-pdf-page :title="$title" margin="10mm 11mm">
    <x-slot:style>
        body {
        font-size: 8.5pt;
        line-height: 1.35;
        }

        .card {
        page-break-after: always;
        }

        .card.last {
        page-break-after: auto;
        }

        .qr {
        float: right;
        height: 24mm;
        width: 24mm;
        }

        h1 {
        font-size: 14pt;
        line-height: 1.15;
        margin: 0 0 4pt;
        }

        h2 {
        border-bottom: 0.5pt solid #b8622b;
        color: #7e3609;
        font-size: 9pt;
        margin: 8pt 0 2pt;
        }

        ul {
        margin: 0;
        padding-left: 10pt;
        }

        .value {
        color: #434c4b;
        }

        .caution {
        border: 1pt solid #8f1722;
        color: #8f1722;
        margin: 6pt 0;
        padding: 4pt 6pt;
        }

        .foot {
        border-top: 0.5pt solid #999;
        color: #434c4b;
        font-size: 7pt;
        margin-top: 8pt;
        padding-top: 3pt;
        }
    </x-slot>
    @foreach ($cards as $i => $card)
        <div class="card {{ $i === count($cards) - 1 ? 'last' : '' }}">
            <img class="qr" src="data:image/svg+xml;base64,{{ $card['qr'] }}" alt="">
            <h1>{{ $card['page']->title }}</h1>
            <p>{{ $card['page']->lead }}</p>
            @if ($card['page']->caution)
                <p class="caution">{{ $card['page']->caution }}</p>
            @endif
            @foreach ($card['page']->sections as $section)
                @if ($section->heading !== Orthoscope\Core\Handbook\Book::RAW)
                    <h2>{{ $section->heading }}</h2>
                    <ul>
                        @foreach (array_slice($section->items, 0, 7) as $item)
                            <li>{{ $item->words }} @if ($item->value !== '')
                                    <span class="value">– {{ $item->value }}</span>
                                @endif
                            </li>
                        @endforeach
                        @if (count($section->items) > 7)
                            <li class="value">and {{ count($section->items) - 7 }} more in the book</li>
                        @endif
                    </ul>
                @endif
            @endforeach
            @if ($card['notes']->isNotEmpty())
                <h2>In the margin</h2>
                <ul>
                    @foreach ($card['notes'] as $note)
                        <li>{{ $note->words }}</li>
                    @endforeach
                </ul>
            @endif
            <p class="foot">{{ shop()->name }} · printed {{ shop()->date(now()) }} · numbers change: the code leads
                to this page as it is
                now.</p>
        </div>
    @endforeach
</x-pdf-page>
