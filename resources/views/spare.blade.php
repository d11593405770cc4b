@php
    $names = [
        'added' => 'came',
        'passed' => 'passed',
        'failed' => 'failed',
        'exposed' => 'exposed',
        'doubted' => 'doubted',
        'free' => 'back on the shelf',
        'quarantined' => 'into quarantine',
        'fitted' => 'fitted',
        'sold' => 'sold',
        'retired' => 'retired',
    ];
@endphp

<x-layout :title="'Spare ' . $spare->tag" nav="shelf">
    <div class="head"><span class="lent big">{{ $spare->tag }}</span>
        <h1>{{ $spare->name }}</h1>
        <p>{{ $catalogue->part($spare->kind)->name }},
            {{ $spare->whereNow() }}{{ $spare->loan && $spare->status === 'quarantined' ? ', in quarantine' : '' }}.
            {{ $spare->model }} {{ $spare->factsInWords() }}</p><a class="button"
            href="{{ route('spares.label', $spare) }}">Label</a><a class="button"
            href="{{ route('shelf', ['like' => $spare->tag]) }}">One like it</a>
    </div>
    @if ($spare->status === 'quarantined')
        <p class="notice" role="note"><b>In quarantine.</b> {{ $spare->reason }}. A proof frees it.</p>
    @endif
    <x-do-not-buy :named="$spare->model ?: $spare->name" />
    @if ($spare->loan)
        <div class="sheet"><x-loan-back :loan="$spare->loan->setRelation('spare', $spare)" />
            @error('look')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
        </div>
    @endif
    <div class="columns shelf">
        <section class="sheet">
            <h2>Trusted with <span class="num">{{ (int) floor(100 * $spare->trustNow()) }} %</span></h2>
            <table class="list">
                <thead>
                    <tr>
                        <th scope="col">When</th>
                        <th scope="col">What</th>
                        <th scope="col">By</th>
                        <th scope="col" class="num">Trust</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($spare->story->reverse() as $event)
                        <tr>
                            <td>{{ shop()->date($event->at, time: true) }}</td>
                            <td><b>{{ $names[$event->kind] ?? $event->kind }}</b>
                                @php
                                    $what =
                                        $catalogue->shelf->origins[$event->what]->name ??
                                        ($catalogue->shelf->proofs[$event->what]->name ?? '');
                                @endphp
                                {{ $what }}
                                @if ($event->words !== '')
                                    <small>{{ $event->words }}</small>
                                    @endif @if ($event->job)
                                        <a href="{{ route('jobs.show', $event->job) }}">{{ $event->job->tag }}</a>
                                    @endif
                            </td>
                            <td>{{ $event->user?->name }}</td>
                            <td class="num">
                                @php
                                    $before =
                                        $event->kind === 'added' ? '' : (int) floor(100 * $event->trust_before) . ' → ';
                                @endphp
                                {{ $before }}{{ (int) floor(100 * $event->trust_after) }}
                                %</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <h2>Where it was</h2>
            @if ($loans->isEmpty())
            <p>It was lent to nobody yet.</p>@else<ul>
                    @foreach ($loans as $loan)
                        <li><a href="{{ route('jobs.show', $loan->job) }}">{{ $loan->job->tag }}</a>
                            {{ $loan->lent_at->format('j M, H:i') }} to
                            {{ $loan->back_at?->format('j M, H:i') ?? 'now' }},
                            {{ $loan->user->name }}{{ $loan->result ? ': ' . App\Models\Loan::RESULTS[$loan->result] : '' }}
                            {{ $loan->words }}</li>
                    @endforeach
                </ul>
            @endif
        </section>
        <div>
            @if (in_array($spare->status, ['free', 'quarantined'], true))
                <form class="sheet" method="post" action="{{ route('spares.prove', $spare) }}" novalidate>@csrf
                    <h2>Verify it</h2>
                    <fieldset class="choices stack">
                        <legend>How</legend>
                        @foreach ($catalogue->shelf->proofsOf($spare->kind) as $proof => $words)
                            @if ($proof !== 'job')
                                <label><input type="radio" name="proof" value="{{ $proof }}"
                                        @checked(old('proof', 'host') === $proof)>
                                    {{ $words }}</label>
                            @endif
                        @endforeach @error('proof')
                        <p class="error">{{ $message }}</p>
                    @enderror
                </fieldset>
                <fieldset class="choices stack">
                    <legend>Done</legend>
                    @php
                        $asked = [
                            'the good machine started without it first' => 'good',
                            'it was put in alone, nothing else changed' => 'alone',
                            'the good machine started again with its own part back' => 'back',
                        ];
                    @endphp
                    @foreach ($asked as $step => $id)
                        <label><input type="checkbox" name="steps[]" value="{{ $id }}"
                                @checked(in_array($id, (array) old('steps', []), true))>
                            {{ $step }}</label>
                    @endforeach @error('steps')
                    <p class="error">{{ $message }}</p>
                @enderror
            </fieldset>
            <p class="caution">Lead out and drained before it goes in or comes out. A supply is never opened.
            </p>
            <x-field name="words" label="In which machine, and what was seen" maxlength="200"
                autocomplete="off" />
            <div class="outcomes"><button class="main" name="passed" value="1">It passed</button><button
                    name="passed" value="0">It failed</button></div>
        </form>
        <form class="sheet" method="post" action="{{ route('spares.reserve', $spare) }}" novalidate>@csrf
            <h2>Reserve</h2>
            <div class="pair"><x-field name="job" label="For job" :value="$spare->reservedFor?->tag" list="l-jobs"
                    autocomplete="off" hint="empty: for nobody" />
                <x-field name="until" label="Until" type="date" :value="$spare->reserved_until?->format('Y-m-d')" />
            </div>
            <datalist id="l-jobs">
                @foreach ($jobs as $tag)
                    <option value="{{ $tag }}"></option>
                @endforeach
            </datalist>
            <button>Reserve it</button>
        </form>
    @endif
    <form class="sheet" method="post" action="{{ route('spares.move', $spare) }}" novalidate>@csrf
        <h2>Off the shelf</h2>
        <div class="field"><label for="f-status">It is</label><select id="f-status" name="status">
                @php
                    $ends = [
                        'retired' => 'retired',
                        'sold' => 'sold',
                        'quarantined' => 'to be verified first',
                        'free' => 'on the shelf again',
                    ];
                @endphp
                @foreach ($ends as $status => $words)
                    @if ($status !== $spare->status)
                        <option value="{{ $status }}" @selected(old('status') === $status)>{{ $words }}
                        </option>
                    @endif
                @endforeach
            </select>
            @error('status')
                <p class="error">{{ $message }}</p>
            @enderror
        </div>
        <x-field name="words" within="m" label="Why, or to whom" maxlength="200" autocomplete="off" />
        <button>Move</button>
        <p><small>A spare is never deleted: trials rest on it.</small></p>
    </form>
</div>
</div>
</x-layout>
