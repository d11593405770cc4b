<x-layout :title="'Socket ' . $job->tag" nav="job">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Map of the socket</h1>
        <p>{{ $socket ? $socket . ($field->name === '' ? '' : ", {$field->contacts} contacts") : 'Its kind is not written down' }}
        </p>
    </div>
    <div class="columns two" x-data="socket" data-marked="{{ json_encode($marked ?: (object) []) }}">
        <form class="sheet" method="post" action="{{ route('entries.store', $job) }}">@csrf
            <input type="hidden" name="once" value="{{ $once }}"><input type="hidden" name="entry[kind]"
                value="finding"><input type="hidden" name="entry[check]" value="socket-map"><input type="hidden"
                name="entry[contacts]" x-ref="contacts">
            <fieldset class="choices stack">
                <legend>Mark as</legend>
                @foreach (Orthoscope\Core\Sockets\ContactState::cases() as $state)
                    <label><input type="radio" name="state" value="{{ $state->value }}" x-on:change="use"
                            @checked($state->value === 'bent')><svg class="contact" viewBox="0 0 12 12" aria-hidden="true">
                            <use href="#contact-{{ $state->value }}" />
                        </svg> {{ $state->value }}</label>
                @endforeach
                <label><input type="radio" name="state" value="" x-on:change="use"> in order: take the mark
                    away</label>
            </fieldset>
            <h2>Marked</h2>
            <ul x-ref="list"></ul>
            <p>Missing or burnt means a board; bent ones can be straightened, with the promise that the board is
                replaced if they fail.</p>
            <div class="pair">
                <div class="field"><label for="k-row">Row</label><input id="k-row" inputmode="numeric"
                        x-ref="row"></div>
                <div class="field"><label for="k-column">Column</label><input id="k-column" inputmode="numeric"
                        x-ref="column"></div>
            </div>
            <button type="button" x-on:click="markTyped">Mark this contact</button>
            <x-field name="entry[text]" label="Remark" autocomplete="off" />
            <button class="main">Record the map</button>
        </form>
        <section class="sheet socket-field">
            <p class="caution">Lead out, strap on. A pin bends at a touch; a glass, a needle, no cloth. The processor is
                kept face up.</p>
            <svg viewBox="0 0 {{ 10 * $field->columns + 20 }} {{ 10 * $field->rows + 20 }}" x-ref="field"
                x-on:click="mark" x-on:keydown="step" tabindex="0" role="application"
                aria-label="Contacts by row and column. Arrow keys move, Space marks." data-rows="{{ $field->rows }}"
                data-columns="{{ $field->columns }}">
                <path class="outline"
                    d="M2 14L14 2H{{ 10 * $field->columns + 18 }}V{{ 10 * $field->rows + 18 }}H2z" />
                <g class="contacts">
                    @foreach ($rows as $path)
                        <path d="{{ $path }}" />
                    @endforeach
                </g>
                <g x-ref="marks"></g>
                <rect class="cursor" width="12" height="12" rx="2" x-ref="cursor" x="9" y="9" />
            </svg>
            <small>The corner cut off is where the key of the processor sits. Rows from the top, columns from the left;
                laid out for
                pointing, not for measuring.@if ($field->name === '')
                    This socket is not drawn yet; a field of middling size stands for it.
                @elseif (!$field->pinsInSocket)
                    Here the pins stand on the processor; mark what you see there or in the holes.
                @endif
            </small>
        </section>
    </div>
    <svg width="0" height="0" class="visually-hidden" aria-hidden="true" focusable="false">
        <symbol id="contact-missing" viewBox="0 0 12 12">
            <path d="M2 2l8 8M10 2l-8 8" />
        </symbol>
        <symbol id="contact-burnt" viewBox="0 0 12 12">
            <path class="full" d="M6 1l5 10H1z" />
        </symbol>
        <symbol id="contact-bent" viewBox="0 0 12 12">
            <path d="M2 10L6 6V1" />
        </symbol>
        <symbol id="contact-dirty" viewBox="0 0 12 12">
            <circle cx="6" cy="6" r="4.5" />
        </symbol>
        <symbol id="contact-straightened" viewBox="0 0 12 12">
            <path d="M6 11V1M3 11h6" />
        </symbol>
    </svg>
</x-layout>
