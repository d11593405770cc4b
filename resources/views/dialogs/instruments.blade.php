{{-- What instruments sent to the bench this job is on. --}}
<dialog id="d-instruments" aria-labelledby="t-instruments" @error('reading') data-open @enderror>
    <header class="alone">
        <h2 id="t-instruments">Instruments</h2>
        <span>{{ $job->claim ? "bench {$job->claim->bench}" : 'this job is on no bench' }}</span>
    </header>
    @forelse ($page->side->readings() as $reading)
        <div class="sent-reading">
            <p><b>{{ $reading->instrument }}</b>
                <small>{{ $reading->created_at->format('H:i:s') }}</small><br>{{ $page->side->readingWords($reading) }}
            </p>
            @isset($reading->body['check'])
                <button type="button" class="main" data-dialog="check" data-fill="{{ $page->side->readingFill($reading) }}"
                    x-on:click="take">take
                    it on the record</button>
            @else<button type="button" class="main" data-dialog="start"
                    data-setup="{{ json_encode($page->choices->standingSetUp() ?: (object) []) }}"
                    data-fill="{{ $page->side->readingFill($reading) }}" x-on:click="take">record the start it is
                    of</button>
            @endisset
            <form method="post" action="{{ route('readings.destroy', [$job, $reading]) }}">@csrf
                @method('delete')<button class="quiet">put aside</button></form>
        </div>
    @empty<p class="pad">
            @php
                $none = $job->claim
                    ? 'Nothing was sent. What an instrument sends to this bench shows here.'
                    : 'Take a bench for this job; what instruments send goes to the bench.';
            @endphp
            {{ $none }}
        </p>
    @endforelse
    @if ($job->claim)
        <form method="post" action="{{ route('readings.store', $job) }}" novalidate>@csrf
            <div class="field"><label for="i-json">Or paste a reading (JSON)</label>
                <textarea id="i-json" name="reading" rows="3" spellcheck="false"
                    @error('reading') aria-invalid="true" @enderror>{{ old('reading') }}</textarea>
                @error('reading')
                    <p class="error">{{ $message }}</p>
                @enderror
            </div>
            <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Take it
                    in</button></footer>
        </form>
    @else<form>
            <footer>
                @error('reading')
                    <p class="error">{{ $message }}</p>
                @enderror
                <button type="button" class="main" data-close>Close</button>
            </footer>
        </form>
    @endif
</dialog>
