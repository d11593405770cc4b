<x-layout title="Too large">
    <section class="sheet narrow">
        <h1>That was too large</h1>
        <p>Files up to 10 MB are taken. Go back, and send a smaller one: nothing of it was kept.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
