<x-layout title="Log in">
    <section class="sheet narrow">
        <h1>Log in</h1>
        <form method="post" action="{{ route('login') }}" novalidate>@csrf
            <x-field name="email" label="Log-in name" autocomplete="username" autofocus />
            <x-field name="password" label="Password" type="password" autocomplete="current-password" />
            <button class="main">Log in</button>
        </form>
        <p><a href="{{ route('forgotten') }}">Password forgotten?</a></p>
    </section>
</x-layout>
