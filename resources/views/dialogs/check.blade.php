{{--
    A look or a reading: what is measured is picked on the drawing or from the list; a reading that surprises asks of its own
    set-up first.
--}}
<dialog id="d-check" aria-labelledby="t-check" @if ($kind === 'finding') data-open @endif>
    <form method="post" action="{{ route('entries.store', $job) }}" novalidate x-data="check">@csrf
        <input type="hidden" name="entry[kind]" value="finding"><input type="hidden" name="once"
            value="{{ $page->once }}-f2"><input type="hidden" name="reading" value="{{ old('reading') }}"
            data-reading-field>
        <header>
            <h2 id="t-check">Look or measure</h2>
        </header>
        @if ($kind === 'finding')
            <p class="error" role="alert">
                @php
                    $mistake = $error(
                        'entry.checked',
                        'entry.target',
                        'entry.host',
                        'entry.also',
                        'entry.which',
                        'entry.spots',
                        'entry.result',
                        'entry.check',
                        'entry.kind',
                        'entry.contacts',
                    );
                @endphp
                {{ $mistake ?: $error('entry.values') }}
            </p>
        @endif
        <x-look-picker :page="$page" />
        @if ($kind === 'finding')
            @include('dialogs.checks')
        @else
            {{ $page->checkForms() }}
        @endif
        <div class="field"><label for="c-text">Remark</label><input id="c-text" name="entry[text]"
                value="{{ $was('finding', 'entry.text') }}"></div>
        <p class="caution">Mains and supplies can kill: lead out before hands go in, never open a supply, leave house
            wiring to a licensed
            electrician.</p>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Record
                finding</button></footer>
    </form>
</dialog>
