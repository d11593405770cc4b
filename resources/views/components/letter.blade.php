@props(['letter', 'job', 'heading' => false])
<article class="letter">
    <header>
        <div>
            @if ($heading)
            <h1>{{ shop()->name }}</h1>@else<b>{{ shop()->name }}</b>
            @endif
            <p>
                {{ shop()->letterhead() }}</p>
        </div>
        <p class="right">Job {{ $job->tag }}<br>{{ $job->machine->model }}<br>for {{ $job->machine->owner->name }}
        </p>
    </header>
    @foreach ($letter->sections as $section)
        <section>
            <h2>{{ $section->heading }}</h2>
            @foreach ($section->sentences as $sentence)
                <p @auth title="{{ $sentence->source() }}" @endauth>{{ $sentence }}</p>
            @endforeach
        </section>
    @endforeach
</article>
