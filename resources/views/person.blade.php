<x-layout :title="$person->name" nav="shop">
    <x-shop-frame at="people" />
    <div class="head">
        <h1>{{ $person->name }}</h1>
        <p>{{ $person->role->value }}{{ $person->ended_at ? ', until ' . shop()->date($person->ended_at) : '' }}. What
            they
            did lately.</p>
        <a class="button" href="{{ route('people') }}">People</a>
    </div>
    <section class="sheet">
        <ul class="changes">
            @forelse ($deeds as $deed)
                <li>{{ shop()->date($deed->at, time: true) }}: @if ($deed->address)
                        <a href="{{ $deed->address }}">{{ $deed->words }}</a>
                    @else
                        {{ $deed->words }}
                    @endif
                </li>
            @empty
                <li>Nothing yet.</li>
            @endforelse
        </ul>
    </section>
</x-layout>
