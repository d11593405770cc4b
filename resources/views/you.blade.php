<x-layout title="You">
    <div class="head">
        <h1>{{ $person->name }}</h1>
        <p>{{ $person->role->value }}, log-in name {{ $person->email }}</p>
    </div>
    @if (session('codes'))
        <section class="sheet" id="codes">
            <h2>Your printed codes</h2>
            <p>Print them and keep them apart from your telephone. Each lets you in once where it is lost. They are
                shown
                only now.</p>
            <ul class="codes">
                @foreach (session('codes') as $code)
                    <li><code>{{ $code }}</code></li>
                @endforeach
            </ul>
            <button type="button" class="noprint" x-data="printer" x-on:click="print">Print</button>
        </section>
    @endif
    <div class="columns two even noprint">
        <form class="sheet" method="post" action="{{ route('you.pin') }}" novalidate data-draft="no">@csrf
            <h2>PIN at a bench</h2>
            <p>{{ $person->pin === null ? 'You have none yet.' : 'You have one.' }} With it you say at a bench that it
                is
                you. The lead prints badges.</p>
            <div class="pair">
                <div><x-field name="pin" label="Four digits" type="password" :kept="false" inputmode="numeric"
                        maxlength="4" autocomplete="off" hint="Empty takes it away." />
                    @error('pin')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
                <div><x-field name="pin_password" label="Your password" type="password" :kept="false"
                        autocomplete="current-password" />
                    @error('pin_password')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
            </div>
            <button>Set it</button>
        </form>
        <form class="sheet" method="post" action="{{ route('you.password') }}" novalidate data-draft="no">@csrf
            <h2>Password</h2>
            <x-field name="now" label="Password now" type="password" :kept="false"
                autocomplete="current-password" />
            @error('now')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
            <x-new-password label="New one" />
            <button>Change it</button>
        </form>
        <section class="sheet">
            <h2>Second factor</h2>
            @if ($person->second_secret !== null)
                <p>You are asked for a code of your telephone when you log in.
                    {{ count($person->recovery_hashes ?? []) }} printed codes are left.</p>
                <form method="post" action="{{ route('you.second.end') }}" novalidate data-draft="no">@csrf
                    @method('delete')
                    <x-field name="second_password" label="Your password" type="password" :kept="false"
                        autocomplete="current-password" />
                    @error('second_password')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                    <button>End it</button>
                </form>
            @elseif ($pending)
                <p>Let an app for one-time codes read this, or type the secret into it. Then type the code it shows.</p>
                {!! $picture !!}
                <p><code class="secret">{{ implode(' ', str_split($pending->written(), 4)) }}</code></p>
                <form method="post" action="{{ route('you.second.confirm') }}" novalidate data-draft="no">@csrf
                    <x-field name="code" label="Code it shows" :kept="false" inputmode="numeric"
                        autocomplete="one-time-code" />
                    @error('code')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                    <button class="main">It shows this</button>
                </form>
            @else
                <p>Optional: a code of your telephone beside your password, by RFC 6238. You get printed codes for the
                    day
                    it is lost.</p>
                <form method="post" action="{{ route('you.second') }}" novalidate data-draft="no">@csrf
                    <x-field name="second_password" label="Your password" type="password" :kept="false"
                        autocomplete="current-password" />
                    @error('second_password')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                    <button>Set it up</button>
                </form>
            @endif
        </section>
        <section class="sheet">
            <h2>Mail</h2>
            <form method="post" action="{{ route('you.mail') }}" novalidate>@csrf
                <x-field name="mail" label="Where a forgotten password is answered to" type="email"
                    :value="$person->mail" autocomplete="email" />
                <button>Keep it</button>
            </form>
        </section>
        @can('work-at-bench')
            <section class="sheet">
                <h2>This computer</h2>
                @if ($bench = session(App\Http\Middleware\AskWhoseHands::BENCH))
                    <p>It stays at bench {{ $bench }}.</p>
                    <form method="post" action="{{ route('bench-computer.end') }}">@csrf<button>It stays there no
                            more</button></form>
                @else
                    <form method="post" action="{{ route('bench-computer') }}" class="claim" data-draft="no">@csrf
                        <label for="y-bench">It stays at bench</label> <select id="y-bench" name="bench">
                            @for ($bench = 1; $bench <= shop()->benches; $bench++)
                                <option>{{ $bench }}</option>
                            @endfor
                        </select> <button>From now on</button>
                    </form>
                    <p><small>Whoever works there then says so by badge or PIN, and each entry carries that
                            name.</small></p>
                @endif
            </section>
        @endcan
    </div>
</x-layout>
