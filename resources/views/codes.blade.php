@php
    $book = $catalogue->codes->meanings;
@endphp

@php
    $amounts = fn(string $kind, string $value): string => $catalogue->sign(
        Orthoscope\Core\Codes\CodeKind::from($kind)->channel(),
    )->values[$value];
@endphp

@php
    $shown = fn(string $kind, string $from, string $to): string => $kind === 'beeps'
        ? Orthoscope\Core\Codes\Beeps::words($from)
        : ($from === $to
            ? $from
            : "{$from} to {$to}");
@endphp

<x-layout title="Codes" nav="codes">
    <div class="head">
        <h1>Codes</h1>
        <p>What displays, beeps and lamps amount to. A code typed at a start enters belief by its meaning.</p>
    </div>
    <div class="columns two">
        <div>
            <form class="sheet" method="post" action="{{ route('codes.store') }}" novalidate>@csrf
                <h2>Add one</h2>
                <div class="pair">
                    <div class="field"><label for="f-kind">Kind</label><select id="f-kind" name="kind">
                            @foreach (Orthoscope\Core\Codes\CodeKind::cases() as $kind)
                                <option value="{{ $kind->value }}" @selected(old('kind') === $kind->value)>{{ $kind->value }}
                                </option>
                            @endforeach
                        </select>
                    </div>
                    <x-field name="for" label="Model or firmware" hint="empty: any" maxlength="80"
                        autocomplete="off" />
                </div>
                <div class="pair"><x-field name="from" label="Code" placeholder="5F" maxlength="40"
                        autocomplete="off" />
                    <x-field name="to" label="to (a range)" maxlength="40" autocomplete="off" />
                </div>
                <div class="field"><label for="f-value">Amounts to</label><select id="f-value" name="value">
                        @foreach (Orthoscope\Core\Codes\CodeKind::cases() as $kind)
                            <optgroup label="{{ $kind->value }}">
                                @foreach ($catalogue->sign($kind->channel())->values as $value => $words)
                                    <option value="{{ $value }}" @selected(old('value') === (string) $value)>{{ $words }}
                                    </option>
                                @endforeach
                            </optgroup>
                        @endforeach
                    </select>
                </div>
                <x-field name="words" label="In words" maxlength="200" autocomplete="off" />
                <x-field name="source" label="Known from" placeholder="manual, page" maxlength="200"
                    autocomplete="off" />
                <button class="main">Add code</button>
            </form>
            <form class="sheet" method="post" action="{{ route('codes.store') }}" enctype="multipart/form-data"
                novalidate>@csrf
                <h2>Import a list</h2>
                <div class="field"><label for="f-file">CSV file</label><input id="f-file" type="file"
                        name="file" accept=".csv,text/csv"
                        @error('file') aria-invalid="true" aria-describedby="f-file-error" @enderror>
                    @error('file')
                        <p class="error" id="f-file-error">{{ $message }}</p>
                    @enderror
                    <small>First line: {{ implode(',', Orthoscope\Core\Imports\CodebookCsv::COLUMNS) }}. A mistake names
                        its line, and then
                        none is taken in.</small>
                </div>
                <button>Import codes</button>
            </form>
        </div>
        <section class="sheet">
            <h2>The shop's own</h2>
            @if ($own->isEmpty())
                <p>None yet. A manual on the bench is the best source: type its codes in, or read in a list.</p>
            @else
                <div class="scroll" tabindex="0" role="group" aria-label="The shop's own codes">
                    <table class="list">
                        <thead>
                            <tr>
                                <th scope="col">Of</th>
                                <th scope="col">Code</th>
                                <th scope="col">Amounts to</th>
                                <th scope="col">Words</th>
                                <th scope="col">Source</th>
                                <th scope="col" class="num">Relied on</th>
                                @can('lead')
                                    <th scope="col"><span class="visually-hidden">Take out</span></th>
                                @endcan
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($own as $code)
                                <tr>
                                    <td>{{ $code->for ?: 'any' }}</td>
                                    <td><b>{{ $shown($code->kind, $code->from, $code->to) }}</b>
                                        <small>{{ $code->kind }}</small>
                                    </td>
                                    <td>{{ $amounts($code->kind, $code->value) }}</td>
                                    <td>{{ $code->words }}</td>
                                    <td><small>{{ $code->source }}</small></td>
                                    <td class="num">{{ (int) round(100 * $code->reliability) }} %</td>
                                    @can('lead')
                                        <td>
                                            <form method="post" action="{{ route('codes.destroy', $code) }}">@csrf
                                                @method('delete')<button class="quiet">remove<span class="visually-hidden">
                                                        {{ $code->from }}</span></button>
                                            </form>
                                        </td>
                                    @endcan
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($count > $own->count())
                    <p><small>{{ $count - $own->count() }} more; the CSV has them all.</small></p>
                @endif
                <p><a href="{{ route('codes.csv') }}">All of them as CSV</a></p>
            @endif
            <h2>Ship with the program</h2>
            <div class="scroll" tabindex="0" role="group" aria-label="Codes that ship">
                <table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Code</th>
                            <th scope="col">Amounts to</th>
                            <th scope="col">Words</th>
                            <th scope="col">Source</th>
                            <th scope="col" class="num">Relied on</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($book as $meaning)
                            <tr>
                                <td><b>{{ $shown($meaning->kind->value, $meaning->from, $meaning->to) }}</b>
                                    <small>{{ $meaning->kind->value }}</small>
                                </td>
                                <td>{{ $amounts($meaning->kind->value, $meaning->value) }}</td>
                                <td>{{ $meaning->words }}</td>
                                <td><small>{{ $meaning->source }}</small></td>
                                <td class="num">{{ (int) round(100 * $meaning->reliability) }} %</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        </section>
    </div>
</x-layout>
