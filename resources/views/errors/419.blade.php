<x-layout title="Too long ago">
    <section class="sheet narrow">
        <h1>Too long ago</h1>
        <p>The page was open for too long. Go back, reload it, and send it again.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
