@php
    $money = fn(int $minor): string => shop()->money()->round($minor);
@endphp

<x-layout title="Shelf" nav="shelf">
    <div class="head">
        <h1>Shelf</h1>
        <p>Known-good spares. Trust is the chance that a spare is good now.</p><a class="button"
            href="{{ route('orders') }}">Orders</a><a class="button" href="{{ route('own') }}">Our own machines</a><a
            class="button" href="{{ route('coverage') }}">What it can
            prove</a><a class="button" href="{{ route('spares.csv') }}">CSV</a>
    </div>
    @if (session('badRows'))
        <section class="notice error" role="alert"><b>Not read:</b>
            <ul>
                @foreach (session('badRows') as $line => $reason)
                    <li>Line {{ $line }}: {{ $reason }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($overdue->isNotEmpty())
        <section class="notice" role="note"><b>Bring back:</b>
            @foreach ($overdue as $loan)
                <a class="lent" href="{{ route('spares.show', $loan->spare) }}">{{ $loan->spare->tag }}</a> is with <a
                    href="{{ route('jobs.show', $loan->job) }}">{{ $loan->job->tag }}</a>, {{ $loan->user->name }}, due
                {{ $loan->due_at->format('j M') }}{{ $loop->last ? '' : '; ' }}
            @endforeach
        </section>
    @endif
    <div class="columns shelf">
        <section class="sheet">
            <form method="get" action="{{ route('shelf') }}" class="filter" role="search" aria-label="Spares"><label
                    for="s-q" class="visually-hidden">Tag, name or model</label><input id="s-q"
                    name="q" value="{{ $typed }}" placeholder="tag, name or model" autocomplete="off">
                <label for="s-kind" class="visually-hidden">Kind</label><select id="s-kind" name="kind">
                    <option value="">every kind</option>
                    @foreach ($kinds as $one)
                        <option value="{{ $one->id }}" @selected($kind === $one->id)>{{ $one->known() }}</option>
                    @endforeach
                </select>
                <label><input type="checkbox" name="status" value="all" @checked(request('status') === 'all')> gone ones
                    too</label><button>Find</button>
            </form>
            @if ($spares->isEmpty())
                <p>Nothing here. Put a spare on the shelf, or read in a list.</p>
            @else
                <div class="scroll" tabindex="0" role="group" aria-label="Spares">
                    <table class="list">
                        <thead>
                            <tr>
                                <th scope="col">Tag</th>
                                <th scope="col">Spare</th>
                                <th scope="col">Kind</th>
                                <th scope="col">Fits</th>
                                <th scope="col" class="num"><x-what says="trust">Trust</x-what></th>
                                <th scope="col" class="num">Value</th>
                                <th scope="col">Where</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($spares as $spare)
                                <tr>
                                    <td><a class="lent"
                                            href="{{ route('spares.show', $spare) }}">{{ $spare->tag }}</a></td>
                                    <td>{{ $spare->name }}
                                        @if ($spare->model !== '' && $spare->model !== $spare->name)
                                            <small>{{ $spare->model }}</small>
                                        @endif
                                    </td>
                                    <td>{{ $kinds[$spare->kind]->name ?? $spare->kind }}</td>
                                    <td>{{ $spare->factsInWords() ?: 'any' }}</td>
                                    <td class="num">{{ (int) floor(100 * $spare->trustNow()) }} %
                                        @if ($spare->trustNow() < $catalogue->shelf->verifyBelow)
                                            <small>verify</small>
                                        @endif
                                    </td>
                                    <td class="num">{{ $money($spare->value) }}</td>
                                    <td>
                                        @if ($spare->loan)
                                            lent to
                                            <a
                                                href="{{ route('jobs.show', $spare->loan->job) }}">{{ $spare->loan->job->tag }}</a>
                                        @elseif ($spare->status !== 'free')
                                            <b
                                                class="danger">{{ App\Models\Spare::STATUSES[$spare->status] }}</b>@else{{ $spare->place }}
                                            @if ($spare->isReservedFrom(null))
                                                <small>for {{ $spare->reservedFor?->tag }}</small>
                                            @endif
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <x-pages :of="$spares" before="before" after="more" />
            @endif
            <h2>Counted stock</h2>
            @if ($stock->isEmpty())
            <p>Nothing is counted yet.</p>@else<table class="list">
                    <thead>
                        <tr>
                            <th scope="col">What</th>
                            <th scope="col" class="num">In stock</th>
                            <th scope="col" class="num">Minimum</th>
                            <th scope="col">Place</th>
                            <th scope="col"><span class="visually-hidden">Take or add</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($stock as $item)
                            <tr>
                                <td>{{ $item->name }}</td>
                                <td class="num">{{ $item->count }} @if ($item->count < $item->minimum)
                                        <b class="danger">order</b>
                                    @endif
                                </td>
                                <td class="num">{{ $item->minimum }}</td>
                                <td>{{ $item->place }}</td>
                                <td>
                                    <form method="post" action="{{ route('stock.change', $item) }}" class="by">
                                        @csrf<label class="visually-hidden" for="by-{{ $item->id }}">By how
                                            many</label><input id="by-{{ $item->id }}" name="by"
                                            value="-1" inputmode="numeric"><button class="quiet">take or
                                            add</button></form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            @error('by')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
        </section>
        <div>
            <form class="sheet" method="post" action="{{ route('spares.store') }}" novalidate>@csrf
                <h2>Add a spare</h2>
                @if ($copied)
                    <p><small>Like {{ $copied->tag }}: give it a tag of its own.</small></p>
                @endif
                <div class="pair"><x-field name="tag" label="Tag" maxlength="20" autocomplete="off" />
                    <div class="field"><label for="f-kind">Kind</label><select id="f-kind" name="kind">
                            @foreach ($kinds as $one)
                                <option value="{{ $one->id }}" @selected(old('kind', $copied?->kind) === $one->id)>{{ $one->known() }}
                                </option>
                            @endforeach
                        </select>
                        @error('kind')
                            <p class="error">{{ $message }}</p>
                        @enderror
                    </div>
                </div>
                <div class="pair"><x-field name="name" label="Name" :value="$copied?->name" maxlength="120"
                        autocomplete="off" />
                    <x-field name="model" label="Model, as its label says" :value="$copied?->model" maxlength="60"
                        autocomplete="off" />
                </div>
                @php
                    $value = $copied ? shop()->money()->typed($copied->value) : null;
                @endphp
                <div class="pair"><x-field name="value" :label="'Value, ' . shop()->money()->sign" :value="$value" inputmode="decimal"
                        autocomplete="off" />
                    <x-field name="place" label="Place" :value="$copied?->place" maxlength="60" autocomplete="off" />
                </div>
                <div class="field"><label for="f-origin">Where it is from</label><select id="f-origin"
                        name="origin">
                        @foreach ($catalogue->shelf->origins as $origin)
                            <option value="{{ $origin->id }}" @selected(old('origin', $copied?->origin) === $origin->id)>{{ $origin->name }}
                            </option>
                        @endforeach
                    </select>
                    @error('origin')
                        <p class="error">{{ $message }}</p>
                    @enderror
                </div>
                <div class="field"><label for="f-facts">Facts that decide fit, one to a line</label>
                    <textarea id="f-facts" name="facts" rows="3" placeholder="memory: DDR4&#10;watts: 450"
                        @error('facts') aria-invalid="true" @enderror>{{ old('facts', $copied?->factLines() ?? '') }}</textarea>
                    @error('facts')
                        <p class="error">{{ $message }}</p>
                    @enderror
                    <small>
                        {{ implode(', ', array_unique(array_column($catalogue->shelf->fit, 'fact'))) }}</small>
                </div>
                <button class="main">Add spare</button>
            </form>
            <form class="sheet" method="post" action="{{ route('spares.import') }}" enctype="multipart/form-data"
                novalidate>@csrf
                <h2>Import a list</h2>
                <div class="field"><label for="f-file">CSV file</label><input id="f-file" type="file"
                        name="file" accept=".csv,text/csv">
                    @error('file')
                        <p class="error">{{ $message }}</p>
                    @enderror
                    <small>{{ implode(',', Orthoscope\Core\Shelf\NewSpare::COLUMNS) }}, and a column for each fact.
                        Good rows go in, bad
                        ones are told; a tag that is there is not taken twice.</small>
                </div>
                <button>Import spares</button>
            </form>
            <form class="sheet" method="post" action="{{ route('stock.store') }}" novalidate>@csrf
                <h2>Add counted stock</h2>
                <x-field name="stock_name" label="What" maxlength="120" autocomplete="off" />
                <div class="triple"><x-field name="count" label="In stock" inputmode="numeric" value="0" />
                    <x-field name="minimum" label="Minimum" inputmode="numeric" value="0" />
                    <x-field name="stock_place" label="Place" maxlength="60" autocomplete="off" />
                </div>
                <button>Add stock</button>
            </form>
        </div>
    </div>
</x-layout>
