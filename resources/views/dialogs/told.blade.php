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
        <div class="field"><label for="w-reached">What it does when it fails</label><select id="w-reached"
                name="entry[reached]">
                <option value="">as told before</option>
                @foreach ($page->catalogue->closedReaches() as $reach)
                    @php
                        $picked = $kind === 'report' && old('entry.reached') === $reach->id;
                    @endphp
                    <option value="{{ $reach->id }}" @selected($picked)>{{ $reach->name }}</option>
                @endforeach
            </select></div>
        <x-manner in="entry" within="w" />
        <footer><button type="button" class="quiet" data-close>Not now</button><button class="main">On the
                record</button></footer>
    </form>
</dialog>
