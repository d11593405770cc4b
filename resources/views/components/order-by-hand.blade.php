{{-- Something was ordered by telephone, on a page of the supplier or over a counter: it is written down. --}}
@props(['suppliers', 'action', 'parts' => null, 'kinds' => []])
<details class="sheet-in" @if ($errors->hasAny(['supplier', 'for', 'kind', 'what', 'condition', 'price', 'number', 'due'])) open @endif>
    <summary>Ordered by hand</summary>
    @if ($suppliers->isEmpty())
        <p>No supplier of the shop's own is written down yet.
            @can('lead')
                <a href="{{ route('suppliers') }}">Write one down</a>
            @else
                The lead writes them down.
            @endcan
        </p>
    @else
        <form method="post" action="{{ $action }}" novalidate>@csrf
            <div class="pair">
                <div class="field"><label for="oh-supplier">Of whom</label><select id="oh-supplier" name="supplier">
                        @foreach ($suppliers as $supplier)
                            <option value="{{ $supplier->id }}" @selected((string) old('supplier') === (string) $supplier->id)>
                                {{ $supplier->name }}</option>
                        @endforeach
                    </select>
                    @error('supplier')
                        <p class="error">{{ $message }}</p>
                    @enderror
                </div>
                @if ($parts !== null)
                    <div class="field"><label for="oh-for">For</label><select id="oh-for" name="for">
                            @foreach ($parts as $part)
                                <option value="{{ $part->id }}" @selected(old('for') === $part->id)>{{ $part->name }}
                                </option>
                            @endforeach
                        </select>
                        @error('for')
                            <p class="error">{{ $message }}</p>
                        @enderror
                    </div>
                @else
                    <div class="field"><label for="oh-kind">Kind</label><select id="oh-kind" name="kind">
                            @foreach ($kinds as $kind)
                                <option value="{{ $kind->id }}" @selected(old('kind') === $kind->id)>{{ $kind->known() }}
                                </option>
                            @endforeach
                        </select>
                        @error('kind')
                            <p class="error">{{ $message }}</p>
                        @enderror
                    </div>
                @endif
            </div>
            @php
                $priceLabel = 'Price, ' . shop()->money()->sign . ', delivered, before tax';
            @endphp
            <x-field name="what" label="What, as they call it" maxlength="160" autocomplete="off" within="oh" />
            <div class="triple"><x-field name="price" :label="$priceLabel" inputmode="decimal" autocomplete="off"
                    within="oh" />
                <x-field name="number" label="Their order number" maxlength="40" autocomplete="off" within="oh" />
                <x-field name="due" label="Due" type="date" within="oh" hint="Empty: their usual days." />
            </div>
            <fieldset class="choices">
                <legend class="visually-hidden">Condition</legend>
                @foreach (['new', 'used'] as $condition)
                    <label><input type="radio" name="condition" value="{{ $condition }}"
                            @checked(old('condition', 'new') === $condition)>
                        {{ $condition }}</label>
                @endforeach
            </fieldset>
            @error('again')
                <p class="error" role="alert">{{ $message }}</p><label class="tick"><input type="checkbox"
                        name="again" value="1"> Order another</label>
            @enderror
            <button>Write it down</button>
        </form>
    @endif
</details>
