<x-layout title="No room">
    <section class="sheet narrow">
        <h1>There is no room</h1>
        <p>{{ $exception->getMessage() }} What was there before is safe, and can be read.</p>
        <p>Tell the lead: bin/doctor says how much is free.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
