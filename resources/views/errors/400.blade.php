<x-layout title="Not understood">
    <section class="sheet narrow">
        <h1>That was not understood</h1>
        <p>{{ $exception->getMessage() }} Nothing was changed. Go back and send the form as it stands there.</p>
        <p><a href="{{ route('floor') }}">Floor</a></p>
    </section>
</x-layout>
