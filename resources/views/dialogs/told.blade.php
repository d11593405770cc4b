{{-- What the owner tells later, by telephone or when asked: evidence like what was told at the counter. --}}
<dialog id="d-told" aria-labelledby="t-told" @if ($kind === 'report') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="report"><input type="hidden" name="once"
            value="{{ $page->once }}-f8">
        <header>
            <h2 id="t-told">What the owner says</h2><span>told, so it counts for less than a look of ours</span>
        </header>
        @if ($kind === 'report' && $errors->hasAny(['entry.kind', 'entry.reached']))
            <p class="error" role="alert">{{ $errors->first('entry.kind') ?: $errors->first('entry.reached') }}</p>
        @endif
        <x-field name="entry[text]" label="In their own words" area within="w" :kept="$kind === 'report'" />
        <details class="tried" @if ($kind === 'report' && old('entry.who')) open @endif>
            <summary>They, or others, tried something</summary>
            <div class="row3">
                <div class="field"><label for="w-who">Who</label><select id="w-who" name="entry[who]">
                        <option value="">nobody</option>
                        @foreach (Orthoscope\Core\Evidence\OthersTrial::BY as $who => $words)
                            <option value="{{ $who }}" @selected(old('entry.who') === $who)>{{ $words }}
                            </option>
                        @endforeach
                    </select></div>
                <div class="field"><label for="w-where">Where</label><select id="w-where" name="entry[where]">
                        <option value="home">at home</option>
                        <option value="elsewhere" @selected(old('entry.where') === 'elsewhere')>elsewhere</option>
                    </select></div>
                <div class="field"><label for="w-temperature">It was</label><select id="w-temperature"
                        name="entry[temperature]">
                        <option value="">not said</option>
                        <option value="cold" @selected(old('entry.temperature') === 'cold')>cold</option>
                        <option value="warm" @selected(old('entry.temperature') === 'warm')>warm</option>
                    </select></div>
            </div>
            <div class="pair">
                <div class="field"><label for="w-tried">How</label><select id="w-tried" name="entry[tried]">
                        <option value="">as it is</option>
                        @foreach ($page->choices->triedByOthers() as $value => $words)
                            <option value="{{ $value }}" @selected(old('entry.tried') === $value)>{{ $words }}
                            </option>
                        @endforeach
                    </select></div>
                <div class="field"><label for="w-times">Times like this</label><input id="w-times"
                        name="entry[times]" inputmode="numeric" autocomplete="off" value="{{ old('entry.times') }}">
                </div>
            </div>
            <p><small>It leads, and proves nothing: we do it again. How it went then stands below.</small></p>
        </details>
        <div class="field"><label for="w-reached">What it does when it fails, or did when they tried</label><select
                id="w-reached" name="entry[reached]">
                <option value="">as told before</option>
                @foreach ($page->catalogue->closedReaches() as $reach)
                    @php
                        $picked = $kind === 'report' && old('entry.reached') === $reach->id;
                    @endphp
                    <option value="{{ $reach->id }}" @selected($picked)>{{ $reach->name }}</option>
                @endforeach
            </select></div>
        <x-manner in="entry" within="w" />
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Save what they
                said</button></footer>
    </form>
</dialog>
