<x-layout title="Code" bare>
    <section class="sheet narrow">
        <h1>The code of your telephone</h1>
        <form method="post" action="{{ route('login.second.store') }}" novalidate>@csrf
            <x-field name="code" label="Code" :kept="false" autocomplete="one-time-code" autofocus
                hint="Six digits, or one of your printed codes." />
            @error('code')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
            <button class="main">Log in</button>
        </form>
        <p><a href="{{ route('login') }}">Log in as somebody else</a></p>
    </section>
</x-layout>
