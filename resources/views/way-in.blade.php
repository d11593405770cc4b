<x-layout title="Choose a password" bare>
    <section class="sheet narrow">
        @if ($person === null)
            <h1>This address opens no more</h1>
            <p>It lets somebody in once, and for {{ App\Models\WayIn::DAYS }} days. Ask the lead of the shop for a new
                one.</p>
            <p><a href="{{ route('login') }}">Log in</a></p>
        @else
            <h1>Welcome, {{ $person->name }}</h1>
            <p>Your log-in name is <b>{{ $person->email }}</b>. Choose a password.</p>
            <form method="post" action="{{ route('way-in.store', $token) }}" novalidate>@csrf
                <x-new-password focus />
                <button class="main">Log in with it</button>
            </form>
        @endif
    </section>
</x-layout>
