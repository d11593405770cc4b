<x-layout title="Password forgotten" bare>
    <section class="sheet narrow">
        <h1>Password forgotten</h1>
        <form method="post" action="{{ route('forgotten.send') }}" novalidate>@csrf
            <x-field name="login" label="Log-in name" autocomplete="username" autofocus />
            <button class="main">Send me a mail</button>
        </form>
        <h2>The lead read out a code</h2>
        <form method="post" action="{{ route('forgotten.code') }}" novalidate>@csrf
            <div class="pair"><x-field name="name" label="Log-in name" autocomplete="username" within="c" />
                <x-field name="code" label="Code" inputmode="numeric" autocomplete="one-time-code"
                    within="c" />
            </div>
            <button>Choose a password</button>
        </form>
        <p><a href="{{ route('login') }}">Log in</a></p>
    </section>
</x-layout>
