@php
    $a = $page->assessment;
@endphp

@php
    $advice = $a->advice;
@endphp

<x-layout :title="$job->tag . ' ' . $job->machine->model" nav="job" in-place>
    <div class="job-page" x-data="bench" x-on:keydown.window="key" data-moves="{{ route('why.moves', $job) }}">
        <x-job-frame :job="$job" at="find" main :assessed="$a"><span
                class="pill">{{ $page->waitsFor() }}</span></x-job-frame>
        <div class="bench-line">
            <x-bench-claim :job="$job" :page="$page" />
            @unless ($page->isClosed())
                <button type="button" class="what"
                    data-what="{{ $page->timeBox->sentence() }} {{ App\View\WhatIs::SAYS['box'] }}">time box <b
                        class="num">{{ $page->timeBox->box }} min</b></button>
                @foreach ($page->side->timers() as $timer)
                    <span class="timer" data-until="{{ $timer->until->getTimestamp() }}"
                        title="{{ $timer->sentence }}">{{ $timer->name }}
                        <b class="num">…</b></span>
                @endforeach
                @if ($page->side->stillOff() !== [])
                    @php
                        $items = \Illuminate\Support\Str::limit(
                            implode(', ', array_map(fn($off) => $off->item, $page->side->stillOff())),
                            50,
                        );
                    @endphp
                    <button type="button" class="quiet" data-dialog="tally"
                        x-on:click="open">{{ count($page->side->stillOff()) }} not back:
                        {{ $items }}</button>
                @endif
                @if ($page->side->readings()->isNotEmpty())
                    <button type="button" data-dialog="instruments"
                        x-on:click="open">{{ $page->side->readings()->count() }}
                        {{ $page->side->readings()->count() === 1 ? 'reading' : 'readings' }} here</button>
                @endif
            @endunless
            @foreach ($job->loans as $loan)
                <details class="loan">
                    <summary><span class="lent">{{ $loan->spare->tag }}</span>
                        @if ($loan->isOverdue())
                            <b class="danger">overdue</b>
                        @endif
                    </summary>
                    <x-loan-back :loan="$loan" />
                </details>
            @endforeach
            @unless ($page->isClosed())<form method="post" action="{{ route('loans.store', $job) }}"
                    class="claim" data-draft="no">@csrf<label class="visually-hidden" for="lend-tag">Scan a spare to lend
                        it</label><input id="lend-tag" name="tag" placeholder="scan a spare" maxlength="20"
                        autocomplete="off" value="{{ old('tag') }}"><button class="quiet">lend</button>
                    @error('tag')
                        <p class="error" role="alert">{{ $message }}</p>
                        @enderror @error('look')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                </form>
            @endunless
            @unless ($page->isClosed())
                <details class="loan rang-them">
                    <summary>rang them</summary><x-rang :job="$job" />
                </details>
            @endunless
        </div>
        <div x-data="news" data-news="{{ route('jobs.news', $job) }}"
            data-last="{{ $job->entries->max('number') ?? 0 }}" role="status">
            <p class="notice" x-show="told" x-text="told" x-cloak></p>
        </div>
        <section class="chain-strip" aria-label="Chain"><x-chain :chain="$page->chain" ask /></section>

        @foreach ($page->bulletins as $bulletin)
            @php
                $counted = $bulletin->factor != 1.0 ? "; counted {$bulletin->factor} times likelier" : '';
            @endphp
            <p class="notice bulletin" role="note"><b>Bulletin, {{ $bulletin->model }}.</b> {{ $bulletin->words }}
                <small>{{ implode(', ', array_filter([$bulletin->from(), $bulletin->user->name])) }}, until
                    {{ $bulletin->expires_at->format('j M') }}{{ $counted }}</small>
            </p>
        @endforeach
        @if ($job->comeback_of && !$page->isClosed())
            <p class="notice" role="note"><b>It came back.</b> What was not proved then comes first now. <a
                    href="{{ route('comebacks.show', $job) }}">Beside its first job</a></p>
        @endif
        @if ($a->surprise->level !== 'none')
            <div class="notice" role="note"><b>It does not fit.</b> {{ $a->surprise->why }}
                @if ($page->repeat !== null)
                    <button type="button" data-dialog="{{ $page->repeat->dialog }}"
                        data-fill="{{ $page->repeat->fill }}"
                        @if ($page->repeat->setUp !== null) data-setup="{{ $page->repeat->setUp }}" @endif
                        data-name="entry {{ $page->repeat->number }} once more" x-on:click="open">Repeat entry
                        {{ $page->repeat->number }}</button>
                @endif
            </div>
        @endif
        @if ($page->changedAtOnce !== null)
            <div class="notice" role="note"><b>Two at once.</b> {{ $page->changedAtOnce->sentence }}
                @foreach ($page->changedAtOnce->splits as $name => $setUp)
                    <button type="button" data-dialog="start"
                        data-setup="{{ json_encode($setUp->toArray() ?: (object) []) }}"
                        data-name="only {{ $name }} set back" x-on:click="open">Only {{ $name }} set
                        back</button>
                @endforeach
            </div>
        @endif
        @php
            $elsewhere = $page->worksElsewhere();
        @endphp

        @if ($elsewhere !== null)
            <div class="notice" role="note"><b>There and here.</b> {{ $elsewhere->sentence() }}
                @foreach ($elsewhere->try as $name => $setUp)
                    <button type="button" data-dialog="start" data-setup="{{ json_encode($setUp->toArray()) }}"
                        data-name="{{ $name }}" x-on:click="open">Start it {{ $name }}</button>
                @endforeach
            </div>
        @endif
        @if ($page->threshold())
            <p class="notice" role="note"><b>By temperature.</b> {{ $page->threshold()->sentence() }}</p>
        @endif
        @if ($page->asksForSum())
            <div class="notice" role="note">
                @if ($page->sum())
                    <b>It shuts off; by its labels the supply is:
                        {{ lcfirst(App\View\SupplyReading::words($page->sum())) }}.</b>
                    {{ implode(' ', $page->sum()->sentences) }}
                    <x-record :job="$job" :written="App\View\SupplyReading::written($page->sum())" :once="$page->once . '-sum'">
                        <b>on the record</b>
                    </x-record>
                @else
                    <b>It shuts off.</b> Is the supply large enough? <a href="{{ route('jobs.supply', $job) }}">Add it
                        up</a>, or read
                    the labels into <a href="{{ route('jobs.machine', $job) }}">what it is made of</a>.
                @endif
            </div>
        @endif
        @if ($page->noticeOfTimeBox() !== null)
            <p class="notice" role="note"><b>Time box.</b> {{ $page->noticeOfTimeBox() }}</p>
        @endif
        @if ($page->mismatch !== null)
            <details class="notice mismatch">
                <summary><b>The bench sees something else than was told.</b> Told: {{ $page->mismatch->told }}. Seen:
                    {{ $page->mismatch->seen }}.</summary>
                <div class="sides">
                    <div>
                        <h3>Such a difference speaks for</h3>
                        <ul>
                            @forelse ($page->mismatch->speaksFor as $plain)
                            <li>{{ $plain }}</li>@empty<li>nothing by name</li>
                            @endforelse
                        </ul>
                    </div>
                    <div>
                        <h3>Ask the owner</h3>
                        <p>{{ $page->mismatch->question }}</p><button type="button" data-dialog="told"
                            x-on:click="open">Write down what
                            they say</button>
                    </div>
                </div>
            </details>
        @endif
        @foreach ($job->messages->where('state', 'held') as $message)
            <details class="notice">
                <summary><b>To be read and sent.</b> {{ $message->subject }}</summary>
                <pre class="mail">{{ $message->text }}</pre><x-release :message="$message" />
            </details>
        @endforeach
        <x-troubled :messages="$job->messages" />
        @foreach ($page->locks() as $active)
            <div class="lock" role="note"><b>{{ $active->lock->name }}.</b> {{ $active->lock->sentence }}
                <span><b>Unlock:</b>
                    {{ $active->lock->unlock }}@if ($page->ends($active) !== '')
                        <small>Ends with: {{ $page->ends($active) }}.</small>
                        @endif @if ($active->until !== null)
                            They end {{ $page->clock($active->until) }}.
                        @endif
                </span>
                @can('lead')
                    <button class="quiet" type="button" data-dialog="override" data-fill='@json(['entry[lock]' => $active->lock->id])'
                        x-on:click="open">Set
                        aside</button>
                @endcan
            </div>
        @endforeach

        <div class="bench">
            <section class="panel next" aria-labelledby="h-next">
                <header>
                    <h2 id="h-next">Next</h2>
                    <form method="post" action="{{ route('school') }}" class="school">@csrf<label
                            class="visually-hidden" for="school">In which order</label><select id="school"
                            name="school" x-on:change="order">
                            <option value="">worth most first</option>
                            @foreach ($page->catalogue->schools as $school)
                                <option value="{{ $school->id }}" @selected($page->school?->id === $school->id)>{{ $school->name }}
                                </option>
                            @endforeach
                        </select>
                        <noscript><button>order</button></noscript>
                    </form>
                </header>
                @if ($page->schoolCosts() !== null)
                    <p class="pad costs">{{ $page->schoolCosts() }}</p>
                @endif
                @if ($page->isClosed())
                    <div class="step first">
                        <div class="step-head">
                            <h3>{{ $a->record->collection() === null ? 'To be collected' : 'Handed back' }}</h3>
                        </div>
                        <p>The job is closed. <a href="{{ route('jobs.letter', $job) }}">The letter</a>
                            @if ($a->record->collection() === null)
                                <a href="{{ route('collect.create', $job) }}">hand it over</a>
                            @endif
                        </p>
                    </div>
                    @can('lead')
                        <form method="post" action="{{ route('practice.of-job', $job) }}" class="step">@csrf
                            <button class="quiet">Make a practice machine of it</button> <small>without any name</small>
                        </form>
                    @endcan
                    @if ($page->salvageable() !== [])
                        <details class="step" @error('tags') open @enderror>
                            <summary class="step-head">
                                <h3>Keep as spares</h3>
                            </summary>
                            <p>Of a machine that is written off and left to the shop. What its trials say goes with
                                each.</p>
                            <form method="post" action="{{ route('salvage', $job) }}" class="salvage">@csrf
                                @error('tags')
                                    <p class="error" role="alert">{{ $message }}</p>
                                @enderror
                                @foreach ($page->salvageable() as $standing)
                                    <div><label for="t-{{ $standing->part->id }}">{{ $standing->part->name }},
                                            {{ $standing->standing->words() }}</label><input
                                            id="t-{{ $standing->part->id }}" name="tags[{{ $standing->part->id }}]"
                                            placeholder="tag" maxlength="20" autocomplete="off"
                                            value="{{ old('tags.' . $standing->part->id) }}"></div>
                                @endforeach
                                <x-field name="place" label="Place" maxlength="60" autocomplete="off" />
                                <button>On the shelf</button>
                            </form>
                        </details>
                    @endif
                @else
                    @foreach ($job->orders->whereIn('state', ['ordered', 'arrived', 'held']) as $order)
                        <div class="step waits"><x-order-line :order="$order" :job="$job" /></div>
                    @endforeach
                    @if ($advice->state === \Orthoscope\Core\Bench\JobState::Prove || $a->proof->isComplete())
                        <div class="step first prove">
                            <div class="step-head">
                                <h3>{{ $page->plan->isComplete() ? 'Proved: hand it back' : 'Prove it' }}</h3><span
                                    class="num">{{ (int) floor(100 * $a->sound) }} %</span>
                            </div>
                            <ul class="owed">
                                @foreach ($a->proof->places as $place)
                                    <li class="{{ $place->entry ? 'done' : '' }}">{{ $place->name }}</li>
                                @endforeach
                                <li>{{ $a->proof->clean }} clean in a row</li>
                                @foreach ($page->plan->items as $item)
                                    @if ($item->state->value !== 'locked')
                                        <li class="{{ $item->state->value }}">{{ $item->item->name }} @if ($item->state->value === 'failed')
                                                <b class="danger">failed</b>
                                            @endif
                                        </li>
                                    @endif
                                @endforeach
                                @foreach ($a->proof->notBack as $off)
                                    <li>Not back yet: {{ $off->words() }}</li>
                                @endforeach
                            </ul>
                            @foreach ($page->cleanStarts() as $sentence)
                                <p>{{ $sentence }}</p>
                            @endforeach
                            <div class="outcomes">
                                @if ($page->plan->isComplete())<a class="outcome"
                                        href="{{ route('closing.create', $job) }}"><b>close the job</b><small>price,
                                            warranty,
                                            letter</small></a>
                                @elseif ($a->proof->isComplete())
                                    @if ($page->nextProof() !== null)
                                        <x-record :job="$job" :written="$page->nextProof()['written']" :once="$page->once . '-p2'"
                                            key="a"><b>{{ $page->nextProof()['words'] }}</b><small>seen just
                                                now</small></x-record>
                                    @endif <a class="outcome dim"
                                        href="{{ route('jobs.prove', $job) }}"><b>{{ count($page->plan->owed()) }}
                                            still
                                            owed</b><small>or something else was seen</small></a>
                                @else
                                    @php
                                        $place = $page->placeToProve();
                                    @endphp

                                    <x-record :job="$job" :written="json_encode($place->cleanStart())" :once="$page->once . '-p1'"
                                        key="a"><b>{{ $place->short }}: stays
                                            up</b><small>one more clean start</small></x-record>
                                    <button type="button" class="outcome dim" data-dialog="start"
                                        data-setup='{{ json_encode((object) $place->setUp->toArray()) }}'
                                        x-on:click="open"><b>anything
                                            else</b><small>write down what it did</small></button>
                                @endif
                            </div>
                        </div>
                    @elseif ($advice->state === \Orthoscope\Core\Bench\JobState::Repair && $advice->repair)
                        <div class="step first">
                            <div class="step-head">
                                <h3>Decide: {{ $advice->repair->name() }}</h3><span
                                    class="num">{{ \Orthoscope\Core\Plain\Percent::words($advice->repairStated) }}</span>
                            </div>
                            <p>{{ $advice->why }} <a href="{{ route('jobs.decide', $job) }}">All options, quote,
                                    order</a></p>
                            @if ($advice->repair->act->caution)
                                <p class="caution">{{ $advice->repair->act->caution }}</p>
                            @endif
                            <div class="outcomes"><x-record :job="$job" :written="$page->repairWritten()" :once="$page->once . '-r'"
                                    key="a"><b>done</b><small>then prove it</small></x-record>
                                <button type="button" class="outcome dim" data-dialog="act"
                                    x-on:click="open"><b>another
                                        repair</b><small>r</small></button>
                            </div>
                        </div>
                    @elseif ($advice->state === \Orthoscope\Core\Bench\JobState::Repair)
                        <div class="step first">
                            <div class="step-head">
                                <h3>{{ $advice->left ? 'It runs here' : 'Decide' }}</h3>
                            </div>
                            <p>{{ $advice->why }}</p>
                            <p><a href="{{ route('jobs.stand', $job) }}">What the owner may be told</a> ·
                                <a href="{{ route('jobs.decide', $job) }}">All options</a> ·
                                <a href="{{ route('closing.create', $job) }}">Close the job</a>
                            </p>
                        </div>
                    @endif
                    @forelse ($page->steps() as $i => $card)
                        @php
                            $wait = $card->isStart ? $page->choices->wait($card->step->candidate) : null;
                        @endphp

                        <x-step :job="$job" :card="$card" :number="$i + 1" :first="!$page->decides() && $i === 0"
                            :notes="$page->notesAt($card->step)" :once="$page->once . '-s' . $i" :wait="$wait" />
                    @empty
                        @if ($advice->state !== \Orthoscope\Core\Bench\JobState::Prove && !$a->proof->isComplete())
                            <p class="pad">{{ $advice->why }}</p>
                        @endif
                    @endforelse
                    @if ($job->spare_here !== null)
                        <div class="step waits" role="note"><b>{{ $job->spare_here }} is here.</b> It is what
                            this
                            job waited for. <a href="{{ route('spares.show', $job->spare_here) }}">See it</a></div>
                    @endif
                    @if ($job->parked !== null)
                        <div class="step waits"><b>Parked.</b> {{ $job->parked['step'] }}, once such a spare comes.
                            <form method="post" action="{{ route('park.destroy', $job) }}">@csrf
                                @method('delete')<button class="quiet">Take it up again</button></form>
                        </div>
                    @else
                        @foreach (array_slice($page->wanted(), 0, 2) as $wanted)
                            <div class="step waits">
                                <p>{{ $wanted->words() }}</p>
                                <form method="post" action="{{ route('park.store', $job) }}">@csrf<input
                                        type="hidden" name="kind" value="{{ $wanted->kind }}"><button
                                        class="quiet">Park it until one comes</button></form>
                            </div>
                        @endforeach
                    @endif
                    @foreach ($page->lockedSteps() as $step)
                        <div class="step locked">
                            <div class="step-head">
                                <h3>{{ $step->candidate->name() }}</h3><span class="num">{{ $step->minutes }}
                                    min</span>
                            </div>
                            <p><b
                                    class="danger">{{ $step->candidate->lacksSpare ? 'Cannot be done here:' : 'Locked:' }}</b>
                                {{ $step->candidate->lacksSpare ? 'no spare on the shelf fits.' : $step->lockedBy[0]->lock->unlock }}
                                @if ($step->candidate->lacksSpare && $step->candidate->target?->kind->lendable)
                                    <a href="{{ route('jobs.donors', [$job, $step->candidate->target->id]) }}">Why
                                        not?</a>
                                @endif
                            </p>
                        </div>
                    @endforeach
                @endif
            </section>

            <section class="panel sheet-panel" aria-labelledby="h-sheet">
                <header>
                    <h2 id="h-sheet">Record</h2><span>{{ $page->startCount() }} · <a
                            href="{{ route('what-if', $job) }}">what if</a></span>
                </header>
                @if ($deed = $page->lastDeed())
                    <form method="post" action="{{ route('entries.store', $job) }}" class="deed"
                        role="status">
                        @csrf<input type="hidden" name="written" value="{{ $deed->written }}"><input
                            type="hidden" name="once" value="{{ $page->once }}-undo">
                        <span>Recorded: {{ $deed->words }}</span>
                        <button class="quiet" data-undo>Undo <kbd aria-hidden="true">u</kbd></button>
                    </form>
                @endif
                <x-trials :page="$page" :job="$job" />
            </section>

            <section class="panel suspects" aria-labelledby="h-suspects">
                <header>
                    <h2 id="h-suspects">Suspects</h2><span>after {{ count($a->record->inForce) }}
                        {{ count($a->record->inForce) === 1 ? 'entry' : 'entries' }}</span>
                </header>
                <x-suspects :page="$page" :job="$job" />
                @if ($page->alikeBefore() !== null)
                    <p class="pad alike">{{ $page->alikeBefore() }}</p>
                @endif
                @if ($a->arrangements !== null && !$page->isClosed())
                    <div class="retrace arranged">
                        <h3>Sticks and slots</h3>
                        <p>Still possible:
                            {{ $page->possible($a->arrangements) }}.
                        </p>
                        @foreach ($a->arrangements->best as $i => $arrangement)
                            <button type="button" data-dialog="start"
                                data-setup="{{ json_encode($arrangement->setUp->toArray() ?: (object) []) }}"
                                data-name="this arrangement" x-on:click="open"><x-slots :machine="$a->machine"
                                    :arrangement="$arrangement" /><small>{{ $i === 0 ? 'tells most; ' : '' }}gets past the
                                    memory with
                                    {{ \Orthoscope\Core\Plain\Percent::whole($arrangement->passes) }}
                                    %</small></button>
                        @endforeach
                    </div>
                @endif
                @if ($a->picture !== null && $a->picture->best !== [] && !$page->isClosed())
                    <div class="retrace arranged">
                        <h3>Output, lead and screen</h3>
                        <p>Still possible:
                            {{ $page->possible($a->picture) }}.
                        </p>
                        @foreach ($a->picture->best as $i => $trial)
                            <button type="button" data-dialog="start"
                                data-setup="{{ json_encode($trial->setUp->toArray() ?: (object) []) }}"
                                data-name="this way"
                                x-on:click="open"><span>{{ ucfirst($page->words->setUp($trial->setUp)) }}</span>
                                <small>{{ $i === 0 ? 'tells most; ' : '' }}gives
                                    a picture with {{ \Orthoscope\Core\Plain\Percent::whole($trial->passes) }}
                                    %</small></button>
                        @endforeach
                    </div>
                @endif
                @if ($a->stop !== null)
                    <div class="retrace">
                        <h3>Retrace</h3>
                        @foreach ($a->retrace as $sentence)
                            <p>{{ $sentence }}</p>
                        @endforeach
                    </div>
                @endif
            </section>
        </div>

        <footer class="keys">
            @unless ($page->isClosed())
                <button type="button" data-dialog="start"
                    data-setup="{{ json_encode($a->record->lastStart()?->setUp->toArray() ?: (object) []) }}"
                    x-on:click="open"><kbd>t</kbd>
                    record a start</button>
                <button type="button" data-dialog="check" x-on:click="open"><kbd>m</kbd> look or measure</button>
                <button type="button" data-dialog="act" x-on:click="open"><kbd>r</kbd> repair</button>
            @endunless
            @unless ($page->isClosed())
                <button type="button" data-dialog="tally" x-on:click="open"><kbd>o</kbd> off and back</button>
                <button type="button" data-dialog="instruments" x-on:click="open"><kbd>i</kbd> instruments</button>
            @endunless
            <button type="button" data-dialog="note" x-on:click="open"><kbd>n</kbd> note</button>
            @unless ($page->isClosed())
                <button type="button" data-dialog="told" x-on:click="open"><kbd>w</kbd> owner says</button>
            @endunless
            <button type="button" data-dialog="strike" x-on:click="open"><kbd>x</kbd> strike out</button>
            @unless ($page->isClosed())
                <button type="button" data-dialog="note" data-hot="h" data-fill='@json(['entry[text]' => $page->handOver()])'
                    x-on:click="open"><kbd>h</kbd> hand over</button>
            @endunless
            <button type="button" data-dialog="keys" x-on:click="open"><kbd>?</kbd> keys</button>
            <span x-data="tour" data-taken="{{ route('tour.taken') }}" x-on:tour.window="start">
                @unless (auth()->user()->toured)
                    <button type="button" class="new-here" x-on:click="start">tour</button>
                @endunless
            </span>
            <span class="always">Lead out, drain, strap on.</span>
        </footer>
        <x-tour />
        @include('dialogs')
    </div>
</x-layout>
