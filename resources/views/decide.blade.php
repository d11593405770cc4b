@php
    $money = fn(int $minor): string => shop()->money()->amount($minor);
@endphp

@php
    $currency = shop()->money()->sign;
@endphp

@php
    $machine = $assessment->machine;
@endphp

@php
    $closed = $assessment->record->closing() !== null;
@endphp

@php
    $out = $job->quotes->firstWhere('state', 'out');
@endphp

<x-layout :title="'Decide ' . $job->tag" nav="job" in-place>
    <x-job-frame :job="$job" at="decide" />
    <div class="head">
        <h1>Decide</h1>
        <p>Worth about {{ $currency }} {{ $money($decision->worth) }} to its owner</p>
        <form method="get" action="{{ route('jobs.decide', $job) }}" class="by">
            @if ($worth !== null || $errors->has('worth'))
            <label for="w-worth">Worth</label>@else<label for="w-worth" class="visually-hidden">Worth to the
                    owner</label>
            @endif
            <input id="w-worth" name="worth" value="{{ request('worth') }}" placeholder="worth to them"
                inputmode="decimal" autocomplete="off">
            <button class="quiet">update</button>
            @error('worth')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
        </form>
    </div>
    @if ($closed)
        <p class="notice" role="note"><b>This job is closed.</b> What stands here is how it was left. Strike its
            closing out <a href="{{ route('jobs.show', $job) }}">on its page</a> to go on with it.</p>
    @else<p class="notice" role="note"><b>{{ $decision->options[0]->name }}.</b> {{ $decision->why }}
            {{ $decision->testingSentence() }}</p>
    @endif
    <div class="columns decide">
        <form class="sheet" method="get" action="{{ route('quotes.create', $job) }}">
            <div class="scroll" tabindex="0" role="group" aria-label="Options, cheapest first">
                <table class="list ways">
                    <thead>
                        <tr>
                            <th scope="col"><span class="visually-hidden">Into the quote</span></th>
                            <th scope="col">Option</th>
                            <th scope="col" class="num"><x-what says="total">Total,
                                    {{ $currency }}</x-what></th>
                            <th scope="col" class="num">Cost to do</th>
                            <th scope="col"><x-what says="fixes">Fixes it</x-what></th>
                            <th scope="col" class="num">Minutes</th>
                            <th scope="col" class="num">Days</th>
                            <th scope="col" class="num">Warranty</th>
                            <th scope="col" class="num">Lasts</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($decision->options as $i => $option)
                            @continue($option->isFolded())
                            <x-way-on :option="$option" :first="$i === 0" />
                        @endforeach
                    </tbody>
                </table>
            </div>
            @php
                $folded = array_filter($decision->options, fn($option) => $option->isFolded());
            @endphp

            @if ($folded !== [])
                <details class="folded">
                    <summary>{{ count($folded) }} unlikely to fix it</summary>
                    <div class="scroll">
                        <table class="list ways">
                            <tbody>
                                @foreach ($folded as $option)
                                    <x-way-on :option="$option" />
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                </details>
            @endif
            <p><small>“Total” is what it is expected to cost owner and shop until the job ends: what follows where it
                    does not fix it, comebacks within two years, waiting. Nine such jobs in ten cost between the
                    two.</small></p>
            @error('options')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
            @if (!$closed)
                <button class="main">Make quote</button>
            @endif
        </form>
        <div>
            <section class="sheet">
                <h2>Approval to spend</h2>
                @php
                    $agreed =
                        $leave->most() === null
                            ? 'Nothing was agreed: the owner is asked first.'
                            : "Up to {$currency} {$money($leave->most())} without asking again.";
                @endphp
                <p>{{ $agreed }}
                </p>
                @if (!$closed)
                    <details @if ($errors->has('amount') || $errors->has('words')) open @endif>
                        <summary>Go ahead without a quote</summary>
                        <form method="post" action="{{ route('jobs.ahead', $job) }}" novalidate>@csrf<input
                                type="hidden" name="once" value="{{ $once }}-a">
                            <fieldset class="choices stack">
                                <legend class="visually-hidden">How</legend>
                                @php
                                    $ways = [
                                        'ahead' => 'within what was agreed',
                                        'told' => 'the owner said yes on the telephone',
                                    ];
                                @endphp
                                @foreach ($ways as $how => $words)
                                    <label><input type="radio" name="how" value="{{ $how }}"
                                            @checked(old('how', 'ahead') === $how)>
                                        {{ $words }}</label>
                                @endforeach
                            </fieldset>
                            <x-field name="amount" :label="'Total, ' . $currency" inputmode="decimal" autocomplete="off" />
                            <x-field name="words" label="What they said, and when" maxlength="300"
                                autocomplete="off" />
                            <button>Record the answer</button>
                        </form>
                    </details>
                @endif
            </section>
            @if ($job->quotes->isNotEmpty())
                <section class="sheet">
                    <h2>Quotes</h2>
                    <ul class="papers">
                        @foreach ($job->quotes as $quote)
                            <li><a
                                    href="{{ route('quotes.show', [$job, $quote]) }}">{{ $quote->created_at->format('j M, H:i') }}</a>
                                @php
                                    $state =
                                        $quote->state === 'out' && $quote->isOver()
                                            ? 'out of date'
                                            : App\Models\Quote::STATES[$quote->state];
                                @endphp
                                <b>{{ $state }}</b>
                                @if ($quote->answer !== '')
                                    “{{ $quote->answer }}”
                                @endif
                            </li>
                        @endforeach
                    </ul>
                    @if ($out)
                        <form method="post" action="{{ route('quotes.withdraw', $job) }}">@csrf<button
                                class="quiet">take it
                                back</button></form>
                    @endif
                </section>
            @endif
            <p class="beside"><a href="{{ route('claims.create', $job) }}">Claim a part from who sold it</a></p>
            @if (!$closed || $job->orders->isNotEmpty())
                <section class="sheet">
                    <h2>Order</h2>
                    @foreach ($job->orders as $order)
                        <x-order-line :order="$order" :job="$job" />
                    @endforeach
                    @if (!$closed && array_filter($offers) !== [])
                        <form method="post" action="{{ route('orders.store', $job) }}" novalidate>@csrf
                            <x-do-not-buy />
                            @error('offer')
                                <p class="error" role="alert">{{ $message }}</p>
                            @enderror
                            @error('again')
                                <p class="error" role="alert">{{ $message }}</p><label class="tick"><input
                                        type="checkbox" name="again" value="1"> Order another</label>
                            @enderror
                            @error('part')
                                <p class="error" role="alert">{{ $message }}</p>
                            @enderror
                            <div class="field"><label for="r-part">For</label><select id="r-part" name="part"
                                    x-data="offers" x-on:change="pick">
                                    @foreach ($machine->parts as $part)
                                        @if (($offers[$part->kind->id] ?? []) !== [])
                                            <option value="{{ $part->id }}" data-kind="{{ $part->kind->id }}"
                                                @selected(old('part', $decision->options[0]->part) === $part->id)>{{ $part->name }}</option>
                                        @endif
                                    @endforeach
                                </select>
                            </div>
                            <div class="field"><label for="r-offer">What</label><select id="r-offer"
                                    name="offer">
                                    @foreach ($offers as $kind => $of)
                                        @foreach ($of as $offer)
                                            @php
                                                $warn = $avoid->contains(
                                                    fn($bulletin) => $bulletin->names($offer->name),
                                                )
                                                    ? ', DO NOT BUY'
                                                    : '';
                                            @endphp
                                            <option value="{{ $offer->id }}" data-kind="{{ $kind }}"
                                                @disabled($offer->stock < 1) @selected(old('offer') === $offer->id)>
                                                {{ $offer->name }},
                                                {{ $offer->condition }}, {{ $money($offer->price) }},
                                                {{ $offer->days[0] }}–{{ $offer->days[1] }} days,
                                                {{ $offer->supplier }}{{ $offer->stock < 1 ? ', none left' : '' }}{{ $warn }}
                                            </option>
                                        @endforeach
                                    @endforeach
                                </select>
                            </div>
                            <div class="field"><label for="r-held">Only once proved good</label><select
                                    id="r-held" name="held_for">
                                    <option value="">order it now</option>
                                    @foreach ($assessment->standings as $standing)
                                        @if (!$standing->part->kind->link && $standing->part->id !== 'outside')
                                            <option value="{{ $standing->part->id }}" @selected(old('held_for') === $standing->part->id)>
                                                {{ $standing->part->name }} ({{ $standing->standing->words() }})
                                            </option>
                                        @endif
                                    @endforeach
                                </select></div>
                            @error('held_for')
                                <p class="error" role="alert">{{ $message }}</p>
                            @enderror
                            <button>Order part</button>
                        </form>
                    @endif
                    @if (!$closed)
                        @php
                            $sold = array_filter($machine->parts, fn($part) => $part->kind->price > 0);
                            $byHand = route('orders.by-hand', $job);
                        @endphp
                        <x-order-by-hand :suppliers="$suppliers" :action="$byHand" :parts="$sold" />
                    @endif
                </section>
            @endif
        </div>
    </div>
</x-layout>
