<x-layout title="People" nav="shop">
    <x-shop-frame at="people" />
    <div class="head">
        <h1>People</h1>
        <p>Who works here. What somebody wrote keeps their name, also when they have gone.</p>
    </div>
    @if (session('way-in'))
        <div class="notice" role="note">
            @if ($code = session('way-in')['code'] ?? null)
                <b>Read this code out to {{ session('way-in')['name'] }}:</b> <b class="num">{{ $code }}</b>.
                They type
                it under “Password forgotten?” at the log-in, once, within an hour. It is shown only now.
            @else
                <b>Give this address to {{ session('way-in')['name'] }}.</b> It lets them choose a
                password, once, within {{ App\Models\WayIn::DAYS }} days. It is shown only now.
            @endif
            <p class="address">{{ session('way-in')['address'] }}</p>
        </div>
    @endif
    <section class="sheet">
        <table class="list">
            <thead>
                <tr>
                    <th scope="col">Name</th>
                    <th scope="col">Log-in name</th>
                    <th scope="col">Role</th>
                    <th scope="col"><span class="visually-hidden">Deeds</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($people as $person)
                    <tr @class(['gone' => $person->ended_at])>
                        <td><a href="{{ route('people.show', $person) }}"><b>{{ $person->name }}</b></a>
                            @error("person-{$person->id}")
                                <p class="error" role="alert">{{ $message }}</p>
                            @enderror
                        </td>
                        <td>{{ $person->email }}</td>
                        @if ($person->ended_at)
                            <td colspan="2"><small>{{ $person->role->value }}, until
                                    {{ shop()->date($person->ended_at) }}</small></td>
                        @else
                            <td>
                                <form method="post" action="{{ route('people.update', $person) }}" class="claim"
                                    data-draft="no">
                                    @csrf<label class="visually-hidden" for="role-{{ $person->id }}">Role of
                                        {{ $person->name }}</label><select id="role-{{ $person->id }}"
                                        name="role">
                                        @foreach (App\Models\Role::cases() as $role)
                                            <option value="{{ $role->value }}" @selected($person->role === $role)>
                                                {{ $role->value }}
                                            </option>
                                        @endforeach
                                    </select><button class="quiet">Change role</button></form>
                            </td>
                            <td class="deeds">
                                <form method="post" action="{{ route('people.let-in', $person) }}">@csrf<button
                                        class="quiet">New password</button></form>
                                <form method="post" action="{{ route('people.code', $person) }}">@csrf<button
                                        class="quiet">Code to read out</button></form>
                                <form method="post" action="{{ route('people.badge', $person) }}">@csrf<button
                                        class="quiet">Badge<span class="visually-hidden"> of
                                            {{ $person->name }}</span></button></form>
                                @if ($person->second_secret !== null)
                                    <form method="post" action="{{ route('people.second.end', $person) }}">@csrf
                                        @method('delete')<button class="quiet">End second factor</button></form>
                                @endif
                                <form method="post" action="{{ route('people.destroy', $person) }}">@csrf
                                    @method('delete')<button class="quiet">End<span class="visually-hidden"> access of
                                            {{ $person->name }}</span></button></form>
                            </td>
                        @endif
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <form class="sheet" method="post" action="{{ route('people.store') }}" novalidate>@csrf
        <h2>Invite somebody</h2>
        <div class="triple"><x-field name="person" label="Name" autocomplete="off" />
            <x-field name="login" label="Log-in name" autocomplete="off" />
            <div class="field"><label for="f-role">Role</label><select id="f-role" name="role">
                    @foreach (App\Models\Role::cases() as $role)
                        <option value="{{ $role->value }}" @selected(old('role', 'technician') === $role->value)>{{ $role->value }}</option>
                    @endforeach
                </select>
                @error('role')
                    <p class="error">{{ $message }}</p>
                @enderror
            </div>
        </div>
        <button class="main">Invite</button>
    </form>
</x-layout>
