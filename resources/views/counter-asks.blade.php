{{-- What is worth asking after what stands in the form so far. --}}
@if ($asks->heard() !== '')
    <p class="heard-line"><button type="button" data-take>Take as heard: {{ $asks->heard() }}</button></p>
@endif
@foreach ($asks->useful() as $question)
    <x-asked :asks="$asks" :question="$question" />
@endforeach
@if ($asks->rest() !== [])
    <details class="ask-more">
        <summary>Ask more</summary>
        @foreach ($asks->rest() as $question)
            <x-asked :asks="$asks" :question="$question" />
        @endforeach
    </details>
@endif
