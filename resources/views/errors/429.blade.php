<x-layout title="Slow down">
    <section class="sheet narrow">
        <h1>Slow down</h1>
        <p>That was tried too often. Wait a minute, then try again.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
