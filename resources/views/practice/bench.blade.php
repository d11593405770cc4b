@php
    $practice = $page->practice;
    $a = $page->assessment;
    $shown = $practice->showsAdvice();
    $guess = $page->lastGuess();
    $thought = $guess === null ? [] : array_slice($guess->suspects, 0, 3, true);
@endphp

<x-layout :title="'Practice: ' . $practice->core()->name" nav="practice" in-place>
    <div class="job-page practice-page" x-data="practice" x-on:keydown.window="key" x-on:submit="withGuess">
        <div class="job-head">
            <span class="tag practice-tag">Practice</span>
            <h1>{{ $practice->core()->name }}</h1>
            <p class="complaint">“{{ $a->record->entries[0]->text }}” <span class="owner">a made-up owner</span></p>
            <span class="pill">{{ App\Models\Practice::ADVICE[$practice->advice] }}</span>
        </div>
        <div class="bench-line">
            <span>bench clock <b class="num">{{ $page->attempt->clock()->format('l H:i') }}</b></span>
            <span>worked <b class="num">{{ $page->attempt->minutes() }} min</b></span>
            <span>bought <b class="num">{{ shop()->money()->words($page->attempt->money()) }}</b></span>
            @if ($practice->asked > 0)
                <span>asked <b class="num">{{ $practice->asked }}</b>, costs
                    {{ $practice->askingCost() }} points</span>
            @endif
            <span>Nothing here is real: no machine, no owner, no money.</span>
        </div>
        @error('deed')
            <p class="notice error" role="alert">{{ $message }}</p>
        @enderror
        @error('guess')
            <p class="notice error" role="alert">{{ $message }}</p>
        @enderror
        <section class="chain-strip" tabindex="0" aria-label="Chain"><x-chain :chain="$page->chain" /></section>
        @if ($shown)
            @foreach ($a->locks->onPower() as $active)
                <div class="lock" role="note"><b>{{ $active->lock->name }}.</b> {{ $active->lock->sentence }}
                    <span><b>Unlock:</b> {{ $active->lock->unlock }}</span>
                </div>
            @endforeach
        @endif
        <div class="bench">
            <section class="panel next" aria-labelledby="h-next">
                <header>
                    <h2 id="h-next">{{ $shown ? 'Next' : 'The machine' }}</h2>
                </header>
                <x-practice.board :board="$page->board" />
                @if ($shown)
                    @forelse ($page->steps() as $i => $card)
                        <x-step :card="$card" :number="$i + 1" :first="$i === 0">
                            <x-practice.do :practice="$practice" :card="$card" />
                        </x-step>
                    @empty
                        <p class="pad">{{ $a->advice->why }}</p>
                    @endforelse
                    @if ($a->advice->state === Orthoscope\Core\Bench\JobState::Repair)
                        <p class="pad"><b>It says: decide.</b> {{ $a->advice->why }}</p>
                    @endif
                @else
                    <div class="step">
                        @if ($practice->advice === App\Models\Practice::ASKED)
                            <form method="post" action="{{ route('practice.ask', $practice) }}">@csrf<button
                                    class="quiet" data-ask>Ask the adviser <kbd aria-hidden="true">p</kbd></button>
                                <small>costs {{ Orthoscope\Core\Practice\Debrief::ASKING }} points, until the next
                                    deed</small>
                            </form>
                        @endif
                        <p>Start it, look, measure, change one thing: it answers as such a machine would. When you know
                            what it is, say so.</p>
                    </div>
                @endif
            </section>
            <section class="panel sheet-panel" aria-labelledby="h-sheet">
                <header>
                    <h2 id="h-sheet">Record</h2><span>{{ count($a->record->entries) - 1 }} done</span>
                </header>
                <x-trials :page="$page" />
            </section>
            <section class="panel suspects" aria-labelledby="h-think">
                <header>
                    <h2 id="h-think">What do you think?</h2>
                </header>
                <div class="pad think" data-guess>
                    <p>Before each deed: what you suspect and expect. That is what is scored, not luck; saying what you
                        believe is best.</p>
                    <x-practice.suspected :parts="$page->parts()" :thought="$thought" />
                    <div class="pair"><label class="visually-hidden" for="g-expected">What the next start will come
                            to</label><select id="g-expected" name="guess[expected]">
                            <option value="">The next start …</option>
                            @foreach ($page->catalogue->reaches as $reach)
                                <option value="{{ $reach->id }}" @selected(old('guess.expected') === $reach->id)>{{ $reach->name }}
                                </option>
                            @endforeach
                        </select><input aria-label="How sure of that, percent" name="guess[sure]" inputmode="numeric"
                            maxlength="4" value="{{ old('guess.sure') }}" placeholder="%"></div>
                </div>
                @if ($shown)
                    <h3 class="pad">The adviser's suspects</h3>
                    <x-suspects :page="$page" />
                @endif
            </section>
        </div>
        <footer class="keys">
            <form method="post" action="{{ route('practice.deed', $practice) }}">@csrf<input type="hidden"
                    name="written" value="{{ $page->startAsItStands() }}"><button class="main"
                    data-start><kbd>s</kbd> start it as it stands</button></form>
            <button type="button" data-dialog="start" data-setup="{{ $page->stands() }}"
                x-on:click="open"><kbd>t</kbd> put together otherwise</button>
            <button type="button" data-dialog="check" x-on:click="open"><kbd>m</kbd> look or measure</button>
            <button type="button" data-dialog="act" x-on:click="open"><kbd>r</kbd> repair</button>
            <form method="post" action="{{ route('practice.deed', $practice) }}">@csrf<input type="hidden"
                    name="stand" value="{{ $page->standsUntil() ?? 720 }}"><button>let it stand
                    {{ $page->standsUntil() === null ? 'overnight' : 'until it is dry' }}</button></form>
            <button type="button" data-dialog="verdict" data-hot="g" x-on:click="open"><kbd>g</kbd> it is this
                …</button>
            <span class="always">Lead out, drain, strap on.</span>
        </footer>
        @include('practice.dialogs')
    </div>
</x-layout>
