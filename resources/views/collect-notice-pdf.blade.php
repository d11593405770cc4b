<x-pdf-page :title="'Notice ' . $notice->job->tag">
    <p><b>{{ shop()->name }}</b><br>{{ shop()->letterhead() }}</p>
    <p class="to">{{ $notice->job->machine->owner->name }}</p>
    <p>{{ shop()->date($notice->created_at) }}</p>
    <h1>Your machine, {{ $notice->job->tag }}</h1>
    @foreach (preg_split('/\n\s*\n/', $notice->text) as $paragraph)
        <p>{{ $paragraph }}</p>
    @endforeach
    <p>{{ shop()->name }}</p>
</x-pdf-page>
