<x-layout title="Found">
    <div class="head">
        <h1>Find</h1>
    </div>
    @if ($tag !== null)
        <section class="sheet empty">
            <p>No job has the tag <span class="tag">{{ $tag }}</span>. Check it letter by letter, or search
                for the owner's name.
            </p>
        </section>
    @elseif ($jobs->isEmpty())
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
    @else
        <section class="group">
            <h2>{{ $jobs->count() }} found for “{{ $typed }}”</h2>
            <ul class="jobs"><x-job-lines :jobs="$jobs" /></ul>
        </section>
    @endif
</x-layout>
