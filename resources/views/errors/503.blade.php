<x-layout title="Back in a moment">
    <section class="sheet narrow">
        <h1>Back in a moment</h1>
        <p>The shop's computer is busy or being looked after. What you typed was not taken: go back, and send it once
            more.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
