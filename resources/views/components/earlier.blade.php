@props(['catalogue'])
{{-- What was done earlier, with its date. --}}
<fieldset class="earlier">
    <legend>Done earlier, with its date</legend>
    @for ($i = 0; $i < App\Http\Requests\EarlierWork::ROWS; $i++)
        <div class="done-before">
            <label class="visually-hidden" for="e-what-{{ $i }}">What was done</label>
            <select id="e-what-{{ $i }}" name="earlier[{{ $i }}][what]">
                <option value="">{{ $i === 0 ? 'what was done' : '–' }}</option>
                @foreach ($catalogue->history as $event)
                    @continue(str_starts_with($event->id, 'age-'))
                    <option value="{{ $event->id }}" @selected(old("earlier.{$i}.what") === $event->id)>{{ $event->name }}</option>
                @endforeach
            </select>
            <label class="visually-hidden" for="e-when-{{ $i }}">When</label>
            <input id="e-when-{{ $i }}" name="earlier[{{ $i }}][when]" placeholder="2026-06"
                maxlength="7" autocomplete="off" value="{{ old("earlier.{$i}.when") }}"
                @error("earlier.{$i}.when") aria-invalid="true" @enderror>
            <label class="visually-hidden" for="e-words-{{ $i }}">By whom, and how long it held</label>
            <input id="e-words-{{ $i }}" name="earlier[{{ $i }}][words]" maxlength="300"
                placeholder="{{ $i === 0 ? 'by a friend, held two months' : '' }}" autocomplete="off"
                value="{{ old("earlier.{$i}.words") }}">
            @error("earlier.{$i}.when")
                <p class="error">{{ $message }}</p>
            @enderror
            @error("earlier.{$i}.words")
                <p class="error">{{ $message }}</p>
            @enderror
        </div>
    @endfor
</fieldset>
