{{-- What came off or was turned off for the work: counted back before the side goes on. --}}
<dialog id="d-tally" aria-labelledby="t-tally" @if ($kind === 'tally') data-open @endif>
    <header class="alone">
        <h2 id="t-tally">Off, and back</h2><span>counted back before the side goes on</span>
    </header>
    @if ($page->side->stillOff() === [])
        <p class="pad">Nothing is off.</p>
    @else
        <ul class="off">
            @foreach ($page->side->stillOff() as $i => $off)
                <li><span>{{ ucfirst($off->words()) }}</span>
                    @php
                        $written = json_encode([
                            [
                                'kind' => 'tally',
                                'what' => $off->what,
                                'item' => $off->item,
                                'way' => 'back',
                                'count' => $off->count,
                            ],
                        ]);
                    @endphp
                    <form method="post" action="{{ route('entries.store', $job) }}">@csrf<input type="hidden"
                            name="once" value="{{ $page->once }}-b{{ $i }}">
                        <input type="hidden" name="written"
                            value="{{ $written }}"><button>{{ $off->count > 1 ? "all {$off->count} back" : 'back' }}</button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="tally"><input type="hidden" name="once"
            value="{{ $page->once }}-f7">
        @if ($kind === 'tally')
            <p class="error" role="alert">{{ $error('entry.what', 'entry.way', 'entry.kind') }}</p>
        @endif
        <div class="row3 tally">
            <div class="field"><label for="o-what">What</label><select id="o-what" name="entry[what]">
                    @foreach (Orthoscope\Core\Evidence\Tally::KINDS as $what => $words)
                        <option value="{{ $what }}" @selected(old('entry.what') === $what)>{{ $words }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field"><label for="o-count">How many</label><input id="o-count" name="entry[count]"
                    inputmode="numeric" value="{{ $was('tally', 'entry.count', 1) }}">
                @if ($kind === 'tally')
                    @error('entry.count')
                        <p class="error">{{ $message }}</p>
                    @enderror
                @endif
            </div>
            <div class="field"><label for="o-item">Which</label><input id="o-item" name="entry[item]"
                    list="l-items" autocomplete="off" maxlength="80" value="{{ $was('tally', 'entry.item') }}"
                    @error('entry.item') aria-invalid="true" @enderror>
                @error('entry.item')
                    <p class="error">{{ $message }}</p>
                @enderror
            </div>
        </div>
        <datalist id="l-items">
            @php
                $usual = [
                    '24-pin',
                    'processor plug',
                    'card plug',
                    'front panel',
                    'front USB',
                    'case fan',
                    'cooler fan',
                    'drive lead',
                    'side',
                    'board',
                    'supply',
                    'automatic drivers',
                    'network',
                    'memory profile',
                ];
            @endphp
            @foreach ($usual as $item)
                <option value="{{ $item }}"></option>
            @endforeach
        </datalist>
        <fieldset class="choices">
            <legend class="visually-hidden">Off or back</legend>
            @foreach (['off' => 'came off, or is turned off', 'back' => 'is back'] as $way => $words)
                <label><input type="radio" name="entry[way]" value="{{ $way }}"
                        @checked(old('entry.way', 'off') === $way)>
                    {{ $words }}</label>
            @endforeach
        </fieldset>
        <p><a href="{{ route('photos.index', $job) }}">Photograph it first</a></p>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Count
                it</button></footer>
    </form>
</dialog>
