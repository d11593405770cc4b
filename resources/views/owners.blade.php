<x-layout title="Owners that may be one" nav="shop">
    <x-shop-frame at="bring-in" />
    <div class="head">
        <h1>Owners that may be one</h1>
        <p>The same telephone or mail, or the same name where one has neither. Nobody is joined by itself, and what was
            joined can be taken back.</p>
    </div>
    @error('join')
        <p class="notice error" role="alert">{{ $message }}</p>
    @enderror
    @forelse ($pairs as [$one, $other])
        <section class="sheet">
            <div class="columns two even inner">
                @foreach ([[$one, $other], [$other, $one]] as [$kept, $gone])
                    <div>
                        <h2>{{ $kept['name'] }}</h2>
                        <p>{{ $kept['reach'] === '' ? 'no telephone, no mail' : $kept['reach'] }}</p>
                        <ul class="changes">
                            @forelse ($kept['jobs'] as $line)
                                <li>{{ $line }}</li>
                            @empty
                                <li>No machine was here.</li>
                            @endforelse
                        </ul>
                        <form method="post" action="{{ route('owners.join') }}">@csrf<input type="hidden"
                                name="kept" value="{{ $kept['id'] }}"><input type="hidden" name="other"
                                value="{{ $gone['id'] }}"><input type="hidden" name="deed"
                                value="join"><button>Join, and keep this one</button></form>
                    </div>
                @endforeach
            </div>
            <form method="post" action="{{ route('owners.join') }}">@csrf<input type="hidden" name="kept"
                    value="{{ $one['id'] }}"><input type="hidden" name="other" value="{{ $other['id'] }}"><input
                    type="hidden" name="deed" value="apart"><button class="quiet">they are two</button></form>
        </section>
        @empty
            <section class="sheet empty">
                <p>No two owners look like one.</p>
            </section>
        @endforelse
        @if ($joined->isNotEmpty())
            <section class="sheet">
                <h2>Joined</h2>
                <ul class="changes">
                    @foreach ($joined as $join)
                        <li>{{ shop()->date($join->created_at) }}: {{ $join->other->name }} into {{ $join->kept->name }},
                            by
                            {{ $join->user->name }}
                            <form method="post" action="{{ route('owners.take-back', $join) }}" class="inline">@csrf
                                @method('delete')<button class="quiet">take it back</button></form>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endif
    </x-layout>
