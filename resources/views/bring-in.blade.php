@use(Orthoscope\Core\Imports\SheetKind)
<x-layout title="Bring in" nav="shop">
    <x-shop-frame at="bring-in" />
    <div class="head">
        <h1>Bring in</h1>
        <p>What another program or a table has of customers, spares, past jobs and prices, as CSV. You say which column
            is what, see ten rows, and take all of it or none.</p>
        <a class="button" href="{{ route('owners') }}">Owners that may be one</a>
    </div>
    <form class="sheet" method="post" action="{{ route('bring-in.store') }}" enctype="multipart/form-data" novalidate>
        @csrf
        <fieldset class="chips">
            <legend>What the rows are</legend>
            @foreach (SheetKind::cases() as $one)
                <x-pick name="kind" :of="[
                    'value' => $one->value,
                    'words' => $one->words(),
                    'checked' => old('kind', $kind->value) === $one->value,
                ]" />
            @endforeach
            @error('kind')
                <p class="error">{{ $message }}</p>
            @enderror
        </fieldset>
        <div class="pair">
            <div class="field"><label for="b-file">File</label><input id="b-file" name="file" type="file"
                    accept=".csv,text/csv">
                <small>With a first line of headings; commas or semicolons.</small>
                @error('file')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </div>
            <div class="field"><label for="b-supplier">Of whom, where it is a price list</label><select id="b-supplier"
                    name="supplier">
                    <option value="">no price list</option>
                    @foreach ($suppliers as $supplier)
                        @php
                            $isOf = (string) old('supplier') === (string) $supplier->id;
                        @endphp
                        <option value="{{ $supplier->id }}" @selected($isOf)>{{ $supplier->name }}</option>
                    @endforeach
                </select>
                @error('supplier')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </div>
        </div>
        <button class="main">Look at it</button>
    </form>
    @if ($open->isNotEmpty())
        <section class="sheet">
            <h2>Begun</h2>
            <ul class="changes">
                @foreach ($open as $one)
                    <li><a href="{{ route('bring-in.show', $one) }}">{{ $one->name }}</a>,
                        {{ lcfirst($one->kind->words()) }},
                        {{ shop()->date($one->created_at, time: true) }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($done->isNotEmpty())
        <section class="sheet">
            <h2>Brought in</h2>
            <ul class="changes">
                @foreach ($done as $one)
                    <li>{{ shop()->date($one->done_at, time: true) }}: {{ $one->name }}. {{ $one->came_of_it }}
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
</x-layout>
