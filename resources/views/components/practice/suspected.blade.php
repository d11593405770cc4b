@props(['parts', 'thought' => []])
{{-- Up to three suspects, each with how sure. --}}
@for ($i = 0; $i < 3; $i++)
    @php
        $part = old("guess.part.{$i}", array_keys($thought)[$i] ?? '');
        $p = array_values($thought)[$i] ?? null;
        $percent = old("guess.percent.{$i}", $p === null ? '' : (string) round(100 * $p));
    @endphp
    <div class="pair"><label class="visually-hidden" for="g-part-{{ $i }}">Suspect
            {{ $i + 1 }}</label><select id="g-part-{{ $i }}" name="guess[part][{{ $i }}]">
            <option value="">{{ $i === 0 ? 'I suspect …' : 'and …' }}</option>
            @foreach ($parts as $one)
                <option value="{{ $one->id }}" @selected($part === $one->id)>{{ $one->name }}</option>
            @endforeach
        </select><input aria-label="How sure of suspect {{ $i + 1 }}, percent"
            name="guess[percent][{{ $i }}]" inputmode="numeric" maxlength="5" value="{{ $percent }}"
            placeholder="%"></div>
@endfor
