@php
    $percent = \Orthoscope\Core\Plain\Percent::short(...);
    $spread = fn(array $pattern): string => "{$percent($pattern['rate'])} per cent, from {$percent(
    $pattern['interval'][0],
)} to {$percent($pattern['interval'][1])}";
@endphp

@php
    $outcome = fn(string $outcome): string => App\View\PatternWords::outcome($catalogue, $outcome);
@endphp

<x-layout title="Patterns" nav="patterns">
    <div class="head">
        <h1>Patterns</h1>
        <p>What comes too often to be luck, in {{ $figure?->body['jobs'] ?? 0 }} jobs of a
            year{{ $figure ? ', looked at ' . $figure->made_at->format('j M, H:i') : '' }}</p><a class="button"
            href="{{ route('how-well') }}">How well we do</a>
        <form method="post" action="{{ route('patterns.look') }}">@csrf<button>Look again</button></form>
    </div>
    <div class="columns shelf">
        <div>
            <section class="sheet">
                <h2>What stands out</h2>
                @if ($patterns === [])
                    <p>Nothing stands out. In a year of a thousand jobs luck alone shows about one pattern in two years.
                    </p>
                @else
                    <table class="list">
                        <thead>
                            <tr>
                                <th scope="col">Where</th>
                                <th scope="col">What</th>
                                <th scope="col" class="num">Seen</th>
                                <th scope="col"><x-what says="shrunken">Rate, adjusted</x-what></th>
                                <th scope="col" class="num">Elsewhere</th>
                                <th scope="col" class="num"><x-what says="luck">Chance it is luck</x-what></th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($patterns as $pattern)
                                <tr>
                                    <td>{{ $pattern['attribute'] }}
                                        @php
                                            $named = match ($pattern['attribute']) {
                                                'technician' => $people[$pattern['value']] ?? 'somebody',
                                                'fault' => $outcome('fault:' . $pattern['value']),
                                                'act' => $catalogue->acts[$pattern['value']]->name ?? $pattern['value'],
                                                default => $pattern['value'],
                                            };
                                        @endphp
                                        <b>{{ $named }}</b><br><small class="tags">
                                            @foreach (array_slice($pattern['jobs'], 0, 6) as $tag)
                                                <a class="num"
                                                    href="{{ route('find', ['q' => $tag]) }}">{{ $tag }}</a>
                                            @endforeach
                                        </small>
                                    </td>
                                    <td>{{ ucfirst($outcome($pattern['outcome'])) }}@if ($pattern['also'] !== [])
                                            @php
                                                $also = array_map(
                                                    fn(array $side): string => ($side['attribute'] ===
                                                    $pattern['attribute']
                                                        ? ''
                                                        : $side['attribute'] . ' ' . $side['value'] . ', ') .
                                                        $outcome($side['outcome']) .
                                                        " {$side['with']} of {$side['of']}",
                                                    array_slice($pattern['also'], 0, 4),
                                                );
                                            @endphp
                                            <br><small>The same jobs:
                                                {{ implode('; ', $also) }}</small>
                                        @endif
                                    </td>
                                    <td class="num">{{ $pattern['with'] }} of {{ $pattern['of'] }}@if ($pattern['days'] ?? null)
                                            <br><small>in {{ $pattern['days'] }} days</small>
                                        @endif
                                    </td>
                                    <td><svg class="share" viewBox="0 0 100 10" preserveAspectRatio="none"
                                            role="img" aria-label="{{ $spread($pattern) }}">
                                            <rect class="meter-all" y="4" width="100" height="2" />
                                            <rect class="cured" x="{{ 100 * $pattern['interval'][0] }}" y="2"
                                                width="{{ max(1, 100 * ($pattern['interval'][1] - $pattern['interval'][0])) }}"
                                                height="6" />
                                            <rect class="other" x="{{ 100 * $pattern['rate'] - 1 }}" width="2"
                                                height="10" />
                                        </svg><small>{{ $percent($pattern['rate']) }} %, from
                                            {{ $percent($pattern['interval'][0]) }} to
                                            {{ $percent($pattern['interval'][1]) }}</small></td>
                                    <td class="num">{{ $pattern['elsewhere'] }} of {{ $pattern['others'] }}</td>
                                    <td class="num">{{ $percent($pattern['false']) }} %</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
            </section>
            <section class="sheet">
                <h2>Starting odds</h2>
                <p>Shipped with the program, moved by the causes this shop has found: condemned, or put right, proved
                    and well since.
                    Nothing moves until the lead accepts it.</p>
                @can('lead')
                    @if ($asked === null)
                        <form method="post" action="{{ route('lessons.propose') }}">@csrf<button>Work out a
                                proposal</button>
                        </form>
                    @elseif ($asked > now()->subMinutes(5))
                        <p>A proposal is being worked out since {{ shop()->date($asked, time: true) }}.
                            <a href="{{ route('patterns') }}">Look again</a>
                        </p>
                    @else
                        <p class="danger">A proposal was asked for on {{ shop()->date($asked, time: true) }} and is not
                            here:
                            the shop's clock does not run. <code>bin/doctor</code> says what to do.</p>
                    @endif
                @endcan
                @foreach ($lessons as $lesson)
                    <details class="order" @if ($loop->first) open @endif>
                        <summary><b>{{ shop()->date($lesson->created_at, time: true) }}</b>,
                            {{ App\Models\Lesson::STATES[$lesson->state] }}{{ $lesson->user ? ' by ' . $lesson->user->name : '' }}
                        </summary>
                        <p>Tried on {{ $lesson->effect['jobs'] }} past jobs: the true cause was held likeliest after
                            the first start in
                            {{ $lesson->effect['firstBefore'] }}, with this in {{ $lesson->effect['firstAfter'] }};
                            what it gave the true
                            cause
                            {{ $lesson->effect['after'] >= $lesson->effect['before'] ? 'is better' : 'is worse' }} by
                            {{ number_format(abs($lesson->effect['after'] - $lesson->effect['before']), 2) }} bits a
                            job.</p>
                        @if ($lesson->counts !== [])
                            <table class="list">
                                <thead>
                                    <tr>
                                        <th scope="col">Fault</th>
                                        <th scope="col" class="num">Shipped</th>
                                        <th scope="col" class="num">Here</th>
                                        <th scope="col" class="num">New</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach (array_slice($lesson->counts, 0, 8) as $row)
                                        <tr>
                                            <td>{{ $catalogue->parts[$catalogue->faults[$row['fault']]->part]->name ?? '' }}:
                                                {{ $catalogue->faults[$row['fault']]->name ?? $row['fault'] }}</td>
                                            <td class="num">{{ number_format(100 * $row['shipped'], 1) }} %</td>
                                            <td class="num">{{ $row['here'] }} of {{ $row['of'] }}</td>
                                            <td class="num">{{ number_format(100 * $row['then'], 1) }} %</td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        @endif
                        @can('lead')
                            <form method="post" action="{{ route('lessons.decide', $lesson) }}" class="outcomes">@csrf
                                @if ($lesson->state !== 'accepted')
                                    <button name="to" value="accepted">Accept</button>
                                    @endif @if ($lesson->state === 'accepted')
                                        <button name="to" value="back">take it back</button>
                                        @endif @if ($lesson->state === 'proposed')
                                            <button name="to" value="frozen">Keep as it is</button>
                                        @endif
                            </form>
                        @endcan
                    </details>
                @endforeach
            </section>
        </div>
        <div>
            <section class="sheet">
                <h2>Bulletins</h2>
                @if ($bulletins->isEmpty())
                    <p>None. A pattern that the lead confirms becomes one.</p>
                @endif
                @foreach ($bulletins as $bulletin)
                    <div class="order"><b>{{ $bulletin->model }}</b>
                        @if ($bulletin->do_not_buy)
                            <b class="danger">do not buy</b>
                        @endif
                        @php
                            $runs = $bulletin->withdrawn_at
                                ? 'withdrawn ' . $bulletin->withdrawn_at->format('j M')
                                : ($bulletin->expires_at->isPast() ? 'over since ' : 'until ') .
                                    shop()->date($bulletin->expires_at);
                        @endphp
                        @php
                            $counted =
                                $bulletin->factor != 1.0 && ($bulletin->fault !== '' || $bulletin->part !== '')
                                    ? ', ' .
                                        ($catalogue->faults[$bulletin->fault]->name ?? $bulletin->part) .
                                        " times {$bulletin->factor}"
                                    : '';
                        @endphp
                        <p>{{ $bulletin->words }}</p>
                        <small>{{ implode(', ', array_filter([$bulletin->from(), $bulletin->user->name])) }},
                            {{ $runs }}{{ $counted }}</small>
                        @can('lead')
                            @if (!$bulletin->withdrawn_at && !$bulletin->expires_at->isPast())
                                <form method="post" action="{{ route('bulletins.withdraw', $bulletin) }}">@csrf<button
                                        class="quiet">withdraw
                                        it</button></form>
                            @endif
                        @endcan
                    </div>
                @endforeach
            </section>
            @can('lead')@php
                $top = collect($patterns)->firstWhere('attribute', 'model');
            @endphp

                <form class="sheet" method="post" action="{{ route('bulletins.store') }}" novalidate>@csrf<h2>New
                        bulletin</h2>
                    @php
                        // A pattern of a part is named by its kind too: "board: Kestrel B2".
                        $named = preg_replace('/^[a-z-]+: /', '', $top['value'] ?? '');
                    @endphp
                    <x-field name="model" label="Model of a machine or of a part" maxlength="120" :value="$named"
                        autocomplete="off" />
                    <x-field name="words" label="What counter and bench should know" area maxlength="400"
                        :value="$top
                            ? $top['with'] .
                                ' of ' .
                                $top['of'] .
                                ' of these' .
                                ($top['days'] ?? null ? ' in the last ' . $top['days'] . ' days' : '') .
                                ': ' .
                                $outcome($top['outcome']) .
                                '. Look there first.'
                            : ''" />
                    <div class="pair">
                        <div class="field"><label for="b-fault">Fault</label><select id="b-fault" name="fault">
                                <option value="">none by itself</option>
                                @foreach ($catalogue->faults as $fault)
                                    @php
                                        $pickedFault = old(
                                            'fault',
                                            str_starts_with($top['outcome'] ?? '', 'fault:')
                                                ? substr($top['outcome'], 6)
                                                : '',
                                        );
                                    @endphp
                                    <option value="{{ $fault->id }}" @selected($pickedFault === $fault->id)>
                                        {{ $catalogue->parts[$fault->part]->name }}: {{ $fault->name }}</option>
                                @endforeach
                            </select>
                        </div>
                        <div class="field"><label for="b-part">or all of</label><select id="b-part" name="part">
                                <option value="">no part</option>
                                @foreach ($catalogue->parts as $part)
                                    @php
                                        $pickedPart = old(
                                            'part',
                                            str_starts_with($top['outcome'] ?? '', 'cause:')
                                                ? substr($top['outcome'], 6)
                                                : '',
                                        );
                                    @endphp
                                    <option value="{{ $part->id }}" @selected($pickedPart === $part->id)>{{ $part->name }}
                                    </option>
                                @endforeach
                            </select></div>
                    </div>
                    <div class="field"><label for="b-source">Known from</label><select id="b-source" name="source">
                            @foreach (App\Models\Bulletin::SOURCES as $source => $words)
                                <option value="{{ $source }}" @selected(old('source') === $source)>{{ $words }}
                                </option>
                            @endforeach
                        </select></div>
                    <div class="pair"><x-field name="factor" label="Times as likely" value="3"
                            inputmode="decimal" />
                        <x-field name="expires_at" label="Until" type="date" :value="now()->addMonths(6)->format('Y-m-d')" />
                    </div>
                    <label class="tick"><input type="checkbox" name="do_not_buy" value="1"
                            @checked(old('do_not_buy'))> Buy no more
                        of it: shown at every order</label>
                    <button class="main">Publish bulletin</button>
            </form>@endcan
        </div>
    </div>
</x-layout>
