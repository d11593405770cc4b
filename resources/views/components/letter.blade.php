@props(['letter', 'job', 'heading' => false])
<article class="letter">
    <header>
        <x-letterhead :heading="$heading" />
        <p class="right">Job {{ $job->tag }}<br>{{ $job->machine->model }}<br>for {{ $job->machine->owner->name }}
        </p>
    </header>
    <x-shop-text id="letter-start" :job="$job" />
    @foreach ($letter->sections as $section)
        <section>
            <h2>{{ $section->heading }}</h2>
            @foreach ($section->sentences as $sentence)
                <p @auth title="{{ $sentence->source() }}" @endauth>{{ $sentence }}</p>
            @endforeach
        </section>
    @endforeach
    <x-shop-text id="letter-end" :job="$job" />
</article>
