@use(App\UseCases\Owners\LetGo)
<x-layout title="Keeping" nav="shop">
    <x-shop-frame at="keeping" />
    <form method="post" action="{{ route('keeping.update') }}" novalidate data-draft="no">@csrf
        <div class="head">
            <h1>Keeping</h1>
            <p>How long the shop keeps what it knows of people. What is over is let go by night; the record of machines
                and
                invoices stay.</p>
            <button class="main">Save</button>
        </div>
        <x-mistakes />
        <section class="sheet">
            <table class="list numbers">
                <thead>
                    <tr>
                        <th scope="col">What</th>
                        <th scope="col">Kept for</th>
                        <th scope="col" class="num">Goes tonight</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach (LetGo::KINDS as $kind => $words)
                        <tr>
                            <th scope="row"><label for="k-{{ $kind }}">{{ $words }}</label></th>
                            <td><input id="k-{{ $kind }}" name="{{ $kind }}"
                                    value="{{ old($kind, shop()->{$kind}) }}" inputmode="numeric" size="5"
                                    autocomplete="off"
                                    @error($kind) aria-invalid="true" aria-describedby="k-{{ $kind }}-error" @enderror>
                                <small>months, 0 for good</small>
                                @error($kind)
                                    <p class="error" id="k-{{ $kind }}-error">{{ $message }}</p>
                                @enderror
                            </td>
                            <td class="num">{{ $waiting[$kind] }}</td>
                        </tr>
                    @endforeach
                    <tr>
                        <th scope="row"><label for="k-address">An owner's address to their letter, after their
                                machine was
                                fetched</label></th>
                        <td><input id="k-address" name="addressMonths"
                                value="{{ old('addressMonths', shop()->addressMonths) }}" inputmode="numeric"
                                size="5" autocomplete="off"
                                @error('addressMonths') aria-invalid="true" aria-describedby="k-address-error" @enderror>
                            <small>months, its warranty at least; 0 ends it then</small>
                            @error('addressMonths')
                                <p class="error" id="k-address-error">{{ $message }}</p>
                            @enderror
                        </td>
                        <td></td>
                    </tr>
                </tbody>
            </table>
            <p>How long invoices must be kept, and what must be let go when, the law of the place says. What somebody
                asks
                to be erased is erased on their job's tag page at once, and all that is kept of them is given out there.
                Other months for addresses count for machines fetched from now on.
            </p>
        </section>
    </form>
    <section class="sheet">
        <h2>By night</h2>
        <ul class="changes">
            @forelse ($runs as $run)
                <li>{{ shop()->date($run->made_at, time: true) }}:
                    @forelse ($run->counts as $kind => $count)
                        {{ $count }} ×
                        {{ lcfirst(LetGo::KINDS[$kind] ?? 'begun and never finished') }}{{ $loop->last ? '' : ', ' }}
                    @empty
                        nothing was over
                    @endforelse
                    @if ($run->error !== '')
                        <span class="danger">Failed: {{ $run->error }}</span>
                    @endif
                </li>
            @empty
                <li>No night has passed yet.</li>
            @endforelse
        </ul>
    </section>
</x-layout>
