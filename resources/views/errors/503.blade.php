<x-layout title="Back in a moment">
    <section class="sheet narrow">
        <h1>Back in a moment</h1>
        <p>The shop's computer is being looked after. Try again in a minute.</p>
        <p><a href="/">To the floor</a></p>
    </section>
</x-layout>
