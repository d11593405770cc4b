@php
    $ticked = fn(string $name, string $value): string => in_array($value, (array) old($name, []), true)
        ? 'checked'
        : '';
@endphp

<x-layout :title="$job->tag . ', where it stands'" nav="counter" in-place>
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Where it stands</h1>
        <p>{{ $job->machine->owner->phone }}</p>
        <span class="pill">{{ $waits }}</span>
        @if ($job->summary?->closed)
            <a class="button main" href="{{ route('collect.create', $job) }}">Hand it over</a>
        @endif
    </div>
    <div class="columns two">
        <div>
            <section class="sheet">
                <h2>What you may tell</h2>
                @foreach ($tell as $sentence)
                    <p title="{{ $sentence->source() }}">{{ $sentence }}</p>
                @endforeach
                <p class="caution">Promise no cause and no day of repair: only when they hear again.</p>
            </section>
            <section class="sheet">
                <h2>Next word</h2>
                @if ($job->next_word_at)
                    <p>Promised by <b>{{ $job->next_word_at->format('l j F, H:i') }}</b>. @if ($job->next_word_at->isPast())
                            <b class="danger">Late</b>
                        @endif
                    </p>
                @else<p>None is promised.</p>
                @endif
                <x-rang :job="$job" />
            </section>
            <section class="sheet">
                <h2>Agreed</h2>
                <ul>
                    <li>
                        @isset($job->agreed['limit'])
                            Spend up to {{ shop()->money()->words($job->agreed['limit']) }}
                            without asking
                        @else
                            Ask before anything is spent
                        @endisset
                    </li>
                    @if (($job->agreed['with'] ?? '') !== '')
                        <li>Came with it: {{ $job->agreed['with'] }}</li>
                    @endif
                    @if (($job->agreed['data'] ?? '') !== '')
                        <li>{{ App\Http\Requests\TakeInRequest::DATA[$job->agreed['data']] ?? '' }}</li>
                    @endif
                    @if (($job->machine->made_of['platform']['serial'] ?? '') !== '')
                        <li>Serial number {{ $job->machine->made_of['platform']['serial'] }}</li>
                    @endif
                </ul>
            </section>
            @if ($job->hasArrived() && $job->own === null)
                <form class="sheet" method="post" action="{{ route('payments.store', $job) }}" novalidate>@csrf
                    <h2>Money</h2>
                    @php
                        $paid = App\Models\Payment::sumFor($job);
                    @endphp
                    <p>{{ $paid === 0 ? 'Nothing was paid yet.' : shop()->money()->words($paid) . ' was paid so far.' }}
                    </p>
                    <details @if ($errors->hasAny(['amount', 'method', 'way'])) open @endif>
                        <summary>A deposit came, or money was given back</summary>
                        <x-payment-fields />
                        <button>Book it</button>
                    </details>
                </form>
            @endif
            <section class="sheet">
                <h2>Messages</h2>
                @error('message')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
                <x-troubled :messages="$job->messages" />
                @forelse ($job->messages->whereNotIn('state', App\Models\Message::TROUBLED) as $message)
                    <details class="message" @if ($message->state === 'held') open @endif>
                        <summary>
                            <b>{{ $message->subject }}</b> <span
                                class="state">{{ App\Models\Message::STATES[$message->state] }}</span>
                        </summary>
                        <pre class="mail">{{ $message->text }}</pre><x-release :message="$message" />
                    </details>
                @empty<p>{{ $job->messages->isEmpty() ? 'None yet.' : '' }}</p>
                @endforelse
            </section>
        </div>
        <form class="sheet" method="post" action="{{ route('jobs.told', $job) }}" novalidate>@csrf
            <input type="hidden" name="once" value="{{ $once }}">
            <h2>They tell more, or you see more</h2>
            <p>What was said and seen so far stands on the record; this is added to it.</p>
            <x-field name="text" label="In the owner's own words" area />
            <details @if (old('events')) open @endif>
                <summary>Just before it began</summary>
                <fieldset class="choices stack more-told">
                    <legend class="visually-hidden">Just before</legend>
                    @foreach ($catalogue->events as $event)
                        <label><input type="checkbox" name="events[]" value="{{ $event->id }}"
                                {{ $ticked('events', $event->id) }}>
                            {{ $event->name }}</label>
                    @endforeach
                </fieldset>
            </details>
            <details @if (old('marks')) open @endif>
                <summary>Seen on the machine, or agreed</summary>
                <fieldset class="choices stack look more-told">
                    <legend class="visually-hidden">Marks</legend>
                    @foreach ($catalogue->marks as $mark)
                        <label><input type="checkbox" name="marks[]" value="{{ $mark->id }}"
                                {{ $ticked('marks', $mark->id) }}>
                            {{ $mark->name }}</label>
                    @endforeach
                </fieldset>
                <p class="caution">Liquid, a burn, a shock or a doubtful socket locks the machine until the bench has
                    looked.</p>
            </details>
            <x-earlier :catalogue="$catalogue" />
            <button class="main">Add it to the record</button>
        </form>
    </div>
</x-layout>
