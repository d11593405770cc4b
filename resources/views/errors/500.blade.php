<x-layout title="That went wrong">
    <section class="sheet narrow">
        <h1>That went wrong</h1>
        <p>The fault is ours and it is written down. What was on the record before is safe. Go back and try again.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
