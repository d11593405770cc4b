@props(['letter', 'job'])
<article class="letter">
    <header><p><b>{{ config('shop.name') }}</b><br>{{ config('shop.address') }} · {{ config('shop.phone') }}</p><p class="right">Job {{ $job->tag }}<br>{{ $job->machine->model }}<br>for {{ $job->machine->owner->name }}</p></header>
    @foreach ($letter->sections as $section)
        <section><h2>{{ $section->heading }}</h2>@foreach ($section->sentences as $sentence)<p>{{ $sentence }}</p>@endforeach</section>
    @endforeach
</article>
