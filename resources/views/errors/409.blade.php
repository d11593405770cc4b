<x-layout title="Too late">
    <section class="sheet narrow">
        <h1>Too late for that</h1>
        <p>{{ $exception->getMessage() }} Someone was quicker, or it was ended already. Nothing was changed.</p>
        <p><a href="{{ route('calls.index') }}">All calls</a></p>
    </section>
</x-layout>
