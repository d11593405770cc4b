@php
    $question = $page->question;
@endphp

@php
    $once = 'call-' . bin2hex(random_bytes(6));
@endphp

@php
    $conversation = $page->conversation;
@endphp

<x-layout :title="'Call ' . $job->tag" nav="counter">
    <div class="call-room" x-data="call" x-on:keydown.window="key">
        <div class="job-head">
            <span class="tag">{{ $job->tag }}</span>
            <h1>{{ $job->machine->owner->name ?: 'Someone calls' }}</h1>
            <p class="complaint">
                @php
                    $head = implode(
                        ' · ',
                        array_filter([
                            $job->machine->owner->phone,
                            $job->machine->toldModel(),
                            'say this number to the caller: it finds the call again',
                        ]),
                    );
                @endphp
                {{ $head }}
            </p>
            <form method="post" action="{{ route('calls.pause', $job) }}">@csrf<button class="quiet">pause the
                    call</button></form>
        </div>
        @if ($errors->any())
            <p class="error summary" role="alert">{{ $errors->first() }} Nothing you typed is lost.</p>
        @endif
        @foreach ($known as $one)
            <p class="notice"><b>Perhaps known:</b> {{ $one['name'] }}, {{ $one['reach'] }}.
                {{ implode(' · ', $one['jobs']) }}</p>
        @endforeach
        <div class="bench">
            <section class="panel" aria-label="Asked and answered">
                <header>
                    <h2>Asked</h2><span>{{ count($page->answered) }}</span>
                </header>
                <ol class="answered">
                    @forelse ($page->answered as [$asked, $answer, $words, $fits])
                        <li @class(['lit' => $question?->id === $asked->id])><small>{{ $asked->ask }}</small><b>{{ $words }}</b>
                            @if ($answer->text)
                                <small class="remark">{{ $answer->text }}</small>
                            @endif
                            @if ($fits)
                                <a href="{{ route('calls.show', [$job, 'question' => $asked->id]) }}">change</a>
                            @endif
                        </li>
                    @empty
                        <li><small>Nothing yet. The first question is about danger; it comes before all others.</small>
                        </li>
                    @endforelse
                </ol>
                <form method="post" action="{{ route('calls.caller', $job) }}" class="pad caller">@csrf
                    <h2>Caller</h2>
                    <x-field name="name" label="Name" :value="$job->machine->owner->name" autocomplete="off" />
                    <div class="pair"><x-field name="phone" label="Telephone" type="tel" :value="$job->machine->owner->phone"
                            autocomplete="off" />
                        <x-field name="email" label="Mail" type="email" :value="$job->machine->owner->email" autocomplete="off" />
                    </div>
                    <x-field name="model" label="Make and model" :value="$job->machine->toldModel()" autocomplete="off" />
                    <button>Keep</button>
                </form>
            </section>

            <section class="panel" aria-label="Question">
                @if ($conversation->stop !== null)
                    <div class="step first stop" role="alert">
                        <h2>Say this, and stop</h2>
                        <p class="ask">{{ $conversation->stop }}</p>
                        <p>The job is locked: nobody puts power on it before the bench has looked. Defer to the fire
                            service, a doctor or a
                            licensed electrician where it is theirs.</p>
                        <form method="post" action="{{ route('calls.end', $job) }}">@csrf<input type="hidden"
                                name="outcome" value="danger"><button class="outcome"><b>It is said: end the
                                    call</b><small>{{ $job->tag }} is the
                                    reference</small></button></form>
                    </div>
                @elseif ($question !== null)
                    <div class="step first" data-question="{{ $question->id }}">
                        <p class="kind">
                            {{ ['ask' => 'Ask', 'look' => 'Let them look', 'try' => 'Let them try'][$question->kind] }}
                            @if ($page->given($question) !== null)
                                · answered before: the old answer is struck out and kept
                            @endif
                        </p>
                        <div class="asked">
                            <p class="ask">{{ $question->ask }}</p>
                            @if ($question->drawing)
                                <x-drawing :name="$question->drawing" />
                            @endif
                        </div>
                        @if ($question->caution)
                            <p class="caution">{{ $question->caution }}</p>
                        @endif
                        @if ($question->hold)
                            <p class="clock"><button type="button" class="quiet"
                                    data-seconds="{{ $question->hold }}" x-on:click="count">start the
                                    {{ $question->hold }} second clock</button> <b class="num" x-text="left"></b>
                            </p>
                        @endif
                        <form method="post" action="{{ route('calls.answer', $job) }}" x-ref="form">@csrf
                            <input type="hidden" name="question" value="{{ $question->id }}"><input type="hidden"
                                name="once" value="{{ $once }}">
                            <div class="outcomes">
                                @foreach ($page->answers($question) as [$key, $id, $say])
                                    <button name="answer" value="{{ $id }}"
                                        class="outcome {{ $page->given($question) === $id ? 'given' : 'dim' }}"
                                        data-key="{{ $key }}"><b>{{ $say }}</b><kbd>{{ $key }}</kbd></button>
                                @endforeach
                            </div>
                            <div class="outcomes none">
                                <button name="answer" value="unknown" class="outcome dim" data-key="u"><b>does not
                                        know</b><kbd>u</kbd></button>
                                <button name="answer" value="cannot" class="outcome dim" data-key="n"><b>cannot do
                                        that</b><kbd>n</kbd></button>
                                <button name="answer" value="skipped" class="outcome dim" data-key="s"><b>skip
                                        it</b><kbd>s</kbd></button>
                            </div>
                            <div class="field"><label for="f-remark">Remark, in their words</label><input
                                    id="f-remark" name="remark" maxlength="2000" value="{{ old('remark') }}"
                                    autocomplete="off" x-ref="remark"></div>
                        </form>
                    </div>
                @else
                    <div class="step first">
                        <h2>Nothing more can be learned by asking</h2>
                        <p class="ask">End the call at the right. What was said goes with the machine.</p>
                    </div>
                @endif
                @if ($conversation->stop === null && $page->others() !== [])
                    <nav class="pad others" aria-label="Other questions">
                        <h2>Or ask</h2>
                        <ul>
                            @foreach ($page->others() as $other)
                                <li><a
                                        href="{{ route('calls.show', [$job, 'question' => $other->id]) }}">{{ $other->ask }}</a>
                                </li>
                            @endforeach
                        </ul>
                    </nav>
                @endif
            </section>

            <section class="panel suspects" aria-label="So far">
                <header>
                    <h2>It looks like</h2><span>an estimate</span>
                </header>
                <div class="pad">
                    @forelse ($conversation->outlook->looksLike as $sentence)
                    <p>{{ $sentence }}</p>@empty<p>Nothing stands out yet.</p>
                    @endforelse
                    @if ($conversation->outlook->unlikely !== [])
                        <h3>Hardly likely any more, as told</h3>
                        @foreach ($conversation->outlook->unlikely as $sentence)
                            <p>{{ $sentence }}</p>
                        @endforeach
                    @endif
                    <p><small>Tell the caller what to do, never what it is. The bench looks first.</small></p>
                </div>
                @if ($conversation->stop === null)
                    <form method="post" action="{{ route('calls.end', $job) }}" class="pad ending"
                        x-data="ending">@csrf
                        <h2>End the call</h2>
                        @foreach (\App\Models\CallOutcome::cases() as $outcome)
                            @continue($outcome === \App\Models\CallOutcome::Danger)
                            @php
                                $picked = old('outcome', $conversation->outlook->runs ? 'solved' : 'visit');
                            @endphp
                            <label><input type="radio" name="outcome" value="{{ $outcome->value }}"
                                    x-model="outcome" @checked($picked === $outcome->value)> {{ $outcome->words() }}</label>
                        @endforeach
                        <div class="field" x-show="booked"><label for="f-slot">Day and time</label><input
                                id="f-slot" type="datetime-local" name="slot"
                                value="{{ old('slot', $slot) }}">
                            @error('slot')
                                <p class="error">{{ $message }}</p>
                            @enderror
                        </div>
                        <div class="field" x-show="posted"><label for="f-part">Part that goes out</label><select
                                id="f-part" name="part">
                                <option value="">choose</option>
                                @foreach ($parts as $id => $name)
                                    <option value="{{ $id }}" @selected(old('part') === $id)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                            @error('part')
                                <p class="error">{{ $message }}</p>
                            @enderror
                        </div>
                        <div class="field" x-show="told"><label for="f-words">What put it right, to whom, or
                                why</label><input id="f-words" name="words" value="{{ old('words') }}"
                                maxlength="500" autocomplete="off">
                            @error('words')
                                <p class="error">{{ $message }}</p>
                            @enderror
                        </div>
                        <button class="main">End the call</button>
                    </form>
                @endif
            </section>
        </div>
    </div>
</x-layout>
