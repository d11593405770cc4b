<x-layout title="Not for you">
    <section class="sheet narrow">
        <h1>Not for you</h1>
        <p>Your role does not open this page. Ask the lead if it should.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
