@props(['asks', 'question'])
@php
    [$shown, $more] = $asks->shownAndMore($question);
    $several = $question->field === 'events';
    $name = $several ? 'events[]' : $question->field;
@endphp
<fieldset class="chips" data-field="{{ $question->field }}">
    <legend>{{ $asks->legend($question) }}</legend>
    @foreach ($shown as $answer)
        <x-pick :$name :of="$answer" :$several />
    @endforeach
    @if ($more !== [])
        <details>
            <summary>{{ $question->isTold ? 'change' : 'more' }}</summary>
            @foreach ($more as $answer)
                <x-pick :$name :of="$answer" :$several />
            @endforeach
            @if ($question->isTold)
                <x-pick :$name :of="['value' => '', 'words' => 'not said']" />
            @endif
        </details>
    @endif
    @error($question->field)
        <p class="error">{{ $message }}</p>
    @enderror
</fieldset>
