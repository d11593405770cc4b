<x-layout :title="'Bring in ' . $from->name" nav="shop">
    <x-shop-frame at="bring-in" />
    <div class="head">
        <h1>{{ $from->kind->words() }}</h1>
        <p>{{ $from->name }}, {{ count($sheet->rows) }} {{ count($sheet->rows) === 1 ? 'row' : 'rows' }}. Nothing is
            taken yet.</p>
        <form method="post" action="{{ route('bring-in.destroy', $from) }}">@csrf @method('delete')<button
                class="quiet">drop it</button></form>
    </div>
    @error('mapping')
        <p class="notice error" role="alert">{{ $message }}</p>
    @enderror
    <form class="sheet" method="post" action="{{ route('bring-in.update', $from) }}" novalidate data-draft="no">@csrf
        <h2>Which column is what</h2>
        <div class="columns-of">
            @foreach ($from->kind->columns() as $id => $column)
                <div class="field"><label for="c-{{ $id }}">{{ $column->words }}@if ($column->needed)
                            <small>needed</small>
                        @endif
                    </label><select id="c-{{ $id }}" name="columns[{{ $id }}]">
                        <option value="">none</option>
                        @foreach ($sheet->headings as $at => $heading)
                            <option value="{{ $at }}" @selected(($mapping[$id] ?? null) === $at)>
                                {{ $heading === '' ? 'column ' . ($at + 1) : $heading }}</option>
                        @endforeach
                    </select></div>
            @endforeach
        </div>
        <button>Try it so</button>
        @if ($against !== null)
            <p class="error" role="alert">{{ $against }}</p>
        @endif
    </form>
    <section class="sheet wide">
        <h2>The first rows</h2>
        <table class="list">
            <thead>
                <tr>
                    <th scope="col" class="num">Line</th>
                    @foreach ($sheet->headings as $at => $heading)
                        @php
                            $field = array_search($at, $mapping, true);
                            $called = $heading === '' ? 'column ' . ($at + 1) : $heading;
                            $stands = $field === false ? 'left out' : $from->kind->columns()[$field]->words;
                        @endphp
                        <th scope="col">{{ $called }}<br><small>{{ $stands }}</small></th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($seen as $line => $fields)
                    <tr @class(['gone' => isset($mistakes[$line])])>
                        <td class="num">{{ $line }}</td>
                        @foreach (array_keys($sheet->headings) as $at)
                            <td>{{ \Illuminate\Support\Str::limit($fields[$at] ?? '', 60) }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    @if ($bad > 0)
        <section class="sheet">
            <h2>{{ $bad }} {{ $bad === 1 ? 'row' : 'rows' }} cannot be read</h2>
            <ul class="changes">
                @foreach ($mistakes as $line => $sentence)
                    <li>Line {{ $line }}: {{ $sentence }}</li>
                @endforeach
            </ul>
            @if ($bad > count($mistakes))
                <p>And {{ $bad - count($mistakes) }} more.</p>
            @endif
        </section>
    @endif
    @if ($against === null)
        <form class="sheet" method="post" action="{{ route('bring-in.take', $from) }}" novalidate>@csrf
            @if ($bad > 0)
                <label class="tick"><input type="checkbox" name="leave_out" value="1"> Leave out the
                    {{ $bad }} that
                    cannot be read</label>
                @error('leave_out')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            @endif
            <button class="main" @disabled($good === 0)>Bring in {{ $good }}</button>
            @if ($from->kind === Orthoscope\Core\Imports\SheetKind::Owners)
                <p><small>Who may be one with somebody here is offered for joining afterwards; nobody is joined by
                        itself.</small></p>
            @endif
        </form>
    @endif
</x-layout>
