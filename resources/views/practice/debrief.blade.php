@php
    $minus = fn(int $number): string => str_replace('-', '−', (string) $number);
@endphp

<x-layout :title="'Looking back: ' . $practice->core()->name" nav="practice">
    <div class="head" x-data="printer">
        <h1>{{ $debrief->right ? 'You named it' : 'It was something else' }}</h1>
        <p><span class="practice-tag">Practice</span>
            {{ $practice->core()->name }}{{ $mine ? '' : ', ' . $practice->user->name }}. <button type="button"
                class="quiet noprint" x-on:click="print">Print</button></p>
    </div>
    <div class="practice-top">
        <section class="sheet" aria-labelledby="h-was">
            <h2 id="h-was">What it was</h2>
            <ul class="plain">
                @foreach ($debrief->truth as $line)
                    <li><b>{{ $line }}</b></li>
                @endforeach
            </ul>
            <p>You said:
                {{ implode(' and ', array_map(fn($part) => $attempt->machine()->part($part)->inSentence(), $practice->said()->parts)) }},
                {{ (int) round(100 * $practice->said()->sure) }} % sure.</p>
        </section>
        <section class="sheet" aria-labelledby="h-score">
            <h2 id="h-score">{{ $minus($debrief->points) }} points</h2>
            <p>For the verdict {{ $minus((int) round($debrief->verdictPoints)) }}, counted three times beside each
                belief you
                stated{{ $practice->asked > 0 ? "; less {$practice->askingCost()} for asking" : '' }}.
                100 is knowing it, 0 is as good as knowing nothing.</p>
            <p>{{ $debrief->minutes }} min at the bench, {{ shop()->money()->words($debrief->money) }} bought. Your
                deeds
                told {{ number_format($debrief->told(), 1) }} bits of which part it
                is{{ $debrief->lost() > 0 ? ", and took about {$debrief->lost()} min more than the best ones then" : '' }}.
            </p>
        </section>
        <section class="sheet" aria-labelledby="h-others">
            <h2 id="h-others">The same machine, the same luck</h2>
            <div x-data="rivals" data-from="{{ route('practice.rivals', $practice) }}" role="status">
                <p>The adviser, the fixed orders and one who knows work on it now …</p>
                <noscript><a href="{{ route('practice.rivals', $practice) }}">What they make of it</a></noscript>
            </div>
        </section>
    </div>
    <section class="sheet teaches" aria-labelledby="h-teaches">
        <h2 id="h-teaches">What it teaches</h2>
        <ul>
            @foreach ($debrief->words as $sentence)
                <li>{{ $sentence }}</li>
            @endforeach
        </ul>
    </section>
    @if ($debrief->risks() !== [])
        <section class="sheet risks" aria-labelledby="h-risks">
            <h2 id="h-risks">Risks that were run</h2>
            <ul>
                @foreach ($debrief->risks() as $risk)
                    <li @class(['grave' => $risk->grave])>{{ $risk->words }}
                        @if ($risk->money > 0)
                            <b class="num">{{ shop()->money()->words($risk->money) }}</b>
                        @endif
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <section class="sheet" aria-labelledby="h-course">
        <h2 id="h-course">Deed by deed</h2>
        <div class="chain-strip" id="chain" tabindex="0" role="group" aria-label="Chain"><x-chain
                :chain="$chain" /></div>
        <div class="wide-table" tabindex="0" role="group" aria-label="Deeds">
            <table class="list debrief">
                <thead>
                    <tr>
                        <th scope="col"><span class="visually-hidden">Number</span></th>
                        <th scope="col">What you did, and what came</th>
                        <th scope="col" class="num">min</th>
                        <th scope="col" class="num">told, bits</th>
                        <th scope="col">Best then</th>
                        <th scope="col" class="num">lost, min</th>
                        <th scope="col">Believed after it</th>
                        <th scope="col" class="num">Your points</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($debrief->steps as $step)
                        <tr @class(['here' => $step->deeds === $at])>
                            <th scope="row" class="num"><a
                                    href="{{ route('practice.debrief', ['practice' => $practice, 'at' => $step->deeds]) }}#chain"
                                    title="The chain after this deed"
                                    @if ($step->deeds === $at) aria-current="true" @endif>{{ $step->deeds - 1 }}</a>
                            </th>
                            <td><b>{{ $step->what }}</b><small>{{ $step->came }}</small>
                                @foreach ($step->risks as $risk)
                                    <small class="danger">{{ $risk->words }}</small>
                                @endforeach
                            </td>
                            <td class="num">{{ $step->minutes }}
                                @if ($step->money > 0)
                                    <small>{{ shop()->money()->words($step->money) }}</small>
                                @endif
                            </td>
                            <td class="num">{{ number_format($step->bits, 2) }}</td>
                            <td>
                                @if ($step->best === null)
                                    this
                                @else
                                    {{ $step->best }}
                                    @if ($step->bestBits !== null)
                                        <small>tells {{ number_format($step->bestBits, 2) }} bits</small>
                                    @endif
                                @endif
                            </td>
                            <td class="num">{{ $step->lost === null ? '–' : (int) round($step->lost) }}</td>
                            <td>
                                @foreach (array_slice($step->belief, 0, 3, true) as $part => $p)
                                    <span class="believed">{{ $attempt->machine()->part($part)->name }}
                                        <b class="num">{{ (int) round(100 * $p) }}</b></span>
                                @endforeach
                            </td>
                            <td class="num">
                                {{ implode(' · ', array_map($minus, $step->points())) ?: '–' }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p><small>Bits: how far the belief in which parts are at fault moved (Kullback and Leibler). Minutes lost: what
                the
                planner expected of the best step, less what it expected of this one. Points: for what you suspected,
                then for what you expected of a start.</small></p>
    </section>
    @if ($mine)
        <p class="noprint">
            @if ($family)
                <a class="main-link" href="{{ route('practice.lesson', $family->id) }}">Back to the lesson:
                    {{ $family->name }}</a> ·
            @endif
            <a href="{{ route('practice') }}">The practice room</a>
        </p>
    @endif
</x-layout>
