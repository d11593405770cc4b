<x-layout title="Not like this">
    <section class="sheet narrow">
        <h1>Not like this</h1>
        <p>This address cannot be opened like that. Go back, and use the page it belongs to.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
