@php
    $money = fn(Orthoscope\Core\Plain\Money $amount): string => shop()->money()->amount($amount);
@endphp

<x-layout title="Our own machines" nav="shelf">
    <div class="head">
        <h1>Our own machines</h1>
        <p>Bought or traded in: built, or broken up for parts</p><a class="button" href="{{ route('shelf') }}">Shelf</a>
    </div>
    <div class="columns shelf">
        <section class="sheet">
            @if ($jobs->isEmpty())
            <p>None yet.</p>@else<table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Job</th>
                            <th scope="col">Machine</th>
                            <th scope="col" class="num">Paid</th>
                            <th scope="col" class="num">Built leaves</th>
                            <th scope="col" class="num">In parts</th>
                            <th scope="col">What to do</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($jobs as $job)
                            @php
                                $sum = $adds[$job->id] ?? null;
                            @endphp
                            <tr>
                                <td><a class="tag" href="{{ route('own.show', $job) }}">{{ $job->tag }}</a></td>
                                @php
                                    $until =
                                        $job->own['return_until'] ?? null
                                            ? ', goes back until ' .
                                                \Illuminate\Support\Carbon::parse($job->own['return_until'])->format(
                                                    'j M',
                                                )
                                            : '';
                                @endphp
                                <td>{{ $job->machine->model }}<br><small>{{ $job->own['from'] ?? '' }}{{ $until }}</small>
                                </td>
                                <td class="num">
                                    {{ shop()->money()->amount($job->own['paid'] ?? 0) }}</td>
                                <td class="num">{{ $sum ? $money($sum->build) : '' }}</td>
                                <td class="num">{{ $sum ? $money($sum->break) : '' }}</td>
                                <td>{{ $sum?->advice }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        @can('lead')<form class="sheet" method="post" action="{{ route('own.store') }}" novalidate>@csrf
                <h2>Buy one, or a lot</h2>
                <x-do-not-buy />
                @foreach ($bulletins as $bulletin)
                    <p class="notice bulletin" role="note"><b>Think twice about a {{ $bulletin->model }}.</b>
                        {{ $bulletin->words }}</p>
                @endforeach
                <div class="field"><label for="o-models">Machines, one to a line</label>
                    <textarea id="o-models" name="models" rows="3">{{ old('models') }}</textarea>
                    @error('models')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
                @php
                    $paidLabel = 'Paid for all, ' . shop()->money()->sign;
                @endphp
                <div class="pair"><x-field name="paid" :label="$paidLabel" inputmode="decimal" autocomplete="off" />
                    <x-field name="return_days" label="Goes back within, days" inputmode="numeric" autocomplete="off" />
                </div>
                <x-field name="from" label="From whom" maxlength="120" autocomplete="off" />
                <x-field name="said" label="What they said of it, and why they sell" area maxlength="500" />
                <div class="pair"><x-field name="memory_type" label="Memory" placeholder="DDR4" maxlength="12"
                        autocomplete="off" />
                    <x-field name="socket" label="Socket" placeholder="AM4" maxlength="20" autocomplete="off" />
                </div>
                <p class="caution">What was thrown away may be wet, burnt or opened by others: look before power.</p><button
                    class="main">They
                    are ours</button>
        </form>@endcan
    </div>
</x-layout>
