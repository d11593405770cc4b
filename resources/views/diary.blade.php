<x-layout title="Diary" nav="floor">
    <div class="head">
        <h1>Diary</h1>
        <p>{{ now()->format('l j F') }}: who hears what, which bench does what, and why</p><a class="button"
            href="{{ $feed }}">Calendar feed</a><a class="button" href="{{ route('floor') }}">Floor</a>
    </div>
    <x-overdue :overdue="$overdue" open />
    <div class="columns two wells">
        <section class="sheet">
            <h2>The benches</h2>
            <p>
                @forelse ($claims as $claim)
                    {{ $claim->user->name }} has
                    <b>{{ $claim->job->tag }}</b> on bench {{ $claim->bench }}{{ $loop->last ? '.' : ', ' }}@empty
                    Nobody has a bench now.
                @endforelse
            </p>
            @if ($plan === [])
            <p>Nothing waits for a bench.</p>@else<table class="list">
                    <thead>
                        <tr>
                            <th scope="col">When</th>
                            <th scope="col">Bench</th>
                            <th scope="col">Job</th>
                            <th scope="col">Does</th>
                            <th scope="col">Why here</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($plan as $row)
                            @php
                                $job = $jobs[$row['job']];
                            @endphp
                            <tr>
                                <td class="num">
                                    {{ $row['from']->format(now()->isSameDay($row['from']) ? 'H:i' : 'D H:i') }}</td>
                                <td class="num">{{ $row['bench'] }}</td>
                                <td><a class="tag" href="{{ route('jobs.stand', $job) }}">{{ $job->tag }}</a>
                                </td>
                                <td>{{ $job->summary->data['next'] ?? 'Start it' }}@if ($job->claim)
                                        <small>{{ $job->claim->user->name }}</small>
                                    @endif
                                </td>
                                <td><small>{{ $row['why'] }}</small></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <div>
            <section class="sheet">
                <h2>Who is in</h2>
                @if ($shifts->isEmpty())
                    <p>Nobody is written down: all who work at benches count, within opening hours.</p>
                @endif
                @foreach ($shifts as $day => $of)
                    @if ($loop->index === 2)
                        <details>
                            <summary>{{ $loop->remaining + 1 }} more {{ $loop->remaining === 0 ? 'day' : 'days' }}
                            </summary>
                    @endif
                    <h3>{{ $day }}</h3>
                    <ul class="in">
                        @foreach ($of as $shift)
                            <li><b>{{ $shift->user->name }}</b>
                                <svg viewBox="360 0 960 8" preserveAspectRatio="none" aria-hidden="true">
                                    <rect class="meter-all" x="{{ 60 * shop()->openFrom }}" y="3"
                                        width="{{ 60 * (shop()->openTo - shop()->openFrom) }}" height="2" />
                                    <rect class="shift" x="{{ $shift->from_at->hour * 60 + $shift->from_at->minute }}"
                                        width="{{ (int) $shift->from_at->diffInMinutes($shift->to_at) }}"
                                        height="8" />
                                </svg>
                                <span
                                    class="num">{{ $shift->from_at->format('H:i') }}–{{ $shift->to_at->format('H:i') }}</span>
                                @if ($people->contains('id', $shift->user_id))
                                    <form method="post" action="{{ route('shifts.destroy', $shift) }}">@csrf
                                        @php
                                            $act = $shift->isNow() ? 'goes now' : 'remove';
                                        @endphp
                                        @method('delete')<button class="quiet"
                                            aria-label="{{ $act }}: {{ $shift->user->name }}, {{ $day }}">{{ $act }}</button>
                                    </form>
                                @endif
                            </li>
                        @endforeach
                    </ul>
                    @if ($loop->last && $loop->count > 2)
                        </details>
                    @endif
                @endforeach
                <details @if ($errors->hasAny(['person', 'day', 'from', 'to'])) open @endif>
                    <summary>Add a shift</summary>
                    <form method="post" action="{{ route('shifts.store') }}" novalidate>@csrf
                        <div class="pair">
                            <div class="field"><label for="s-person">Person</label><select id="s-person"
                                    name="person">
                                    @foreach ($people as $person)
                                        <option value="{{ $person->id }}" @selected((int) old('person', auth()->id()) === $person->id)>
                                            {{ $person->name }}</option>
                                    @endforeach
                                </select>
                                @error('person')
                                    <p class="error" role="alert">{{ $message }}</p>
                                @enderror
                            </div>
                            <x-field name="day" label="Day" type="date" :value="now()->format('Y-m-d')" />
                        </div>
                        <div class="pair">
                            @php
                                $opens = sprintf('%02d:00', shop()->openFrom);
                            @endphp
                            <x-field name="from" label="From" type="time" :value="$opens" />
                            <x-field name="to" label="To" type="time" :value="sprintf('%02d:00', shop()->openTo)" />
                        </div><button>Add shift</button>
                    </form>
                </details>
            </section>
            <section class="sheet">
                <h2>Forecast</h2>
                <table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Job</th>
                            <th scope="col">Word promised</th>
                            <th scope="col">Finished between</th>
                        </tr>
                    </thead>
                    <tbody>
                        @forelse ($jobs as $tag => $job)
                            <tr>
                                <td><a class="tag" href="{{ route('jobs.stand', $job) }}">{{ $tag }}</a>
                                </td>
                                <td>{{ $job->next_word_at?->format('D H:i') }}@if ($job->next_word_at?->isPast())
                                        <b class="danger">late</b>
                                    @endif
                                </td>
                                <td>{{ $forecasts[$tag]->early->format('D j M, H:i') }} and
                                    {{ $forecasts[$tag]->late->format('D j M, H:i') }}<br><small>{{ $forecasts[$tag]->from }}
                                        to
                                        {{ $forecasts[$tag]->to }} bench minutes, eight of ten</small></td>
                            </tr>@empty<tr>
                                    <td colspan="3">No machine is in the shop.</td>
                                </tr>
                            @endforelse
                        </tbody>
                    </table>
                </section>
            </div>
        </div>
    </x-layout>
