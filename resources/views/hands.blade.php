<x-layout title="Whose hands" bare>
    <section class="sheet narrow hands">
        <h1>Bench {{ $bench }}: whose hands?</h1>
        <form method="post" action="{{ route('hands.take') }}" novalidate data-draft="no">@csrf
            <x-field name="badge" label="Scan your badge" type="password" :kept="false" autocomplete="off"
                autofocus />
            @error('badge')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
        </form>
        <form method="post" action="{{ route('hands.take') }}" novalidate data-draft="no">@csrf
            <fieldset class="picks">
                <legend>Or say who you are, and your PIN</legend>
                @forelse ($people as $person)
                    <x-pick name="person" :of="[
                        'value' => $person->id,
                        'words' => $person->name,
                        'checked' => (string) old('person') === (string) $person->id,
                    ]" />
                @empty
                    <p>Nobody has a PIN yet: log in with your password, and set one on your own page.</p>
                @endforelse
            </fieldset>
            @error('person')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
            <x-field name="pin" label="PIN" type="password" :kept="false" inputmode="numeric" maxlength="4"
                autocomplete="off" />
            @error('pin')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
            <button class="main">It is me</button>
        </form>
        <p><a href="{{ route('login') }}">Log in with a password</a></p>
        <form method="post" action="{{ route('bench-computer.end') }}">@csrf<button class="quiet">this computer stays
                at
                no bench any more</button></form>
    </section>
</x-layout>
