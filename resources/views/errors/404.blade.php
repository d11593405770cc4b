<x-layout title="Nothing here">
    <section class="sheet narrow">
        <h1>Nothing here</h1>
        <p>There is no such page or job. Look for the tag with the find box.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
