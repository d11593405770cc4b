<x-layout title="Found">
    <div class="head">
        <h1>Find</h1>
    </div>
    @foreach ($called as $kind)
        <p class="notice" role="note"><b>{{ $typed }}</b> is {{ $kind->plain }}: here it is called
            “{{ $kind->name }}”.
            @if ($kind->lendable && auth()->user()->can('work-at-bench'))
                <a href="{{ route('shelf', ['kind' => $kind->id]) }}">Those on the shelf</a>
            @endif
        </p>
    @endforeach
    @if ($tag !== null)
        <section class="sheet empty">
            <p>No job has the tag <span class="tag">{{ $tag }}</span>. Check it letter by letter, or search
                for the owner's name.
            </p>
        </section>
    @elseif ($jobs->isEmpty() && $called === [])
        <section class="sheet empty">
            <p>
                @if ($typed === '')
                    Type a tag, a name, a number or a model.
                @else
                    Nothing found for “{{ \Illuminate\Support\Str::limit($typed, 60) }}”. Try the tag on the machine, or
                    part of the name.
                @endif
            </p>
        </section>
    @elseif ($jobs->isNotEmpty())
        <section class="group">
            <h2>{{ $jobs->count() }} found for “{{ $typed }}”</h2>
            <ul class="jobs"><x-job-lines :jobs="$jobs" /></ul>
        </section>
    @endif
</x-layout>
