@php
    $percent = fn(float $share): string => (string) (int) round(100 * $share);
@endphp

<x-layout title="How well we do" nav="patterns">
    <div class="head">
        <h1>How well we do</h1>
        @php
            $of = $page
                ? $page->body['jobs'] . ' closed jobs of two years, worked out ' . $page->madeAt->format('j M, H:i')
                : 'Nothing is worked out yet';
        @endphp
        <p>{{ $of }}
        </p><a class="button" href="{{ route('patterns') }}">Patterns</a>
        @if ($page)
            <a class="button" href="{{ route('how-well.csv') }}">CSV</a>
        @endif
        <form method="post" action="{{ route('how-well.work-out') }}">@csrf<button>Update</button></form>
    </div>
    @if (!$page)
        <section class="sheet empty">
            <p>The figures are worked out once a day. They begin with the first job that is handed back.</p>
        </section>
    @else
        <div class="columns two wells">
            <section class="sheet">
                <h2>Still well after hand-back</h2>
                <svg class="plot" viewBox="-34 -8 470 182" role="img"
                    aria-label="Share still well by days since hand-back, by kind of repair; the numbers are in the table">
                    <path class="axis" d="M0 0V150H420" />
                    @foreach ($page->ticks() as $share)
                        <text x="-6" y="{{ $page->y($share) + 4 }}" class="left">{{ $percent($share) }}</text>
                        @endforeach @foreach ([0, 90, 180, 270, 365] as $day)
                            <text x="{{ ($day / 365) * 420 }}" y="166">{{ $day }}</text>
                        @endforeach
                        @foreach ($page->body['survival'] as $i => $row)
                            <path class="curve c{{ $i }}" d="{{ $page->curve($row['steps']) }}" />
                        @endforeach
                </svg>
                <table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Kind of repair</th>
                            <th scope="col" class="num">Jobs</th>
                            <th scope="col" class="num">Back</th>
                            <th scope="col" class="num">Well at 90 d</th>
                            <th scope="col" class="num">at a year</th>
                        </tr>
                    </thead>
                    <tbody>
                        @forelse ($page->body['survival'] as $i => $row)
                            <tr>
                                <td><svg class="key" viewBox="0 0 24 8" aria-hidden="true">
                                        <path class="curve c{{ $i }}" d="M0 4H24" />
                                    </svg> {{ $page->way($row['way']) }}</td>
                                <td class="num">{{ $row['count'] }}</td>
                                <td class="num">{{ $row['back'] }}</td>
                                <td class="num">{{ $percent($row['at90']) }} %</td>
                                <td class="num">{{ $percent($row['at365']) }} %@isset($row['between365'])
                                        <br><small>{{ $percent($row['between365'][0]) }} to
                                            {{ $percent($row['between365'][1]) }}</small>
                                    @endisset
                                </td>
                        </tr>@empty<tr>
                                <td colspan="5">Fewer than five jobs of any kind.</td>
                            </tr>
                        @endforelse
                    </tbody>
                </table>
                <p><small>Machines not long out count for as long as they are out (Kaplan and Meier).</small></p>
                <h2>Where time goes</h2>
                <table class="list">
                    <tbody>
                        @foreach ($page->time() as $what => $share)
                            <tr>
                                <td>{{ App\View\HowWellPage::TIME[$what] }}</td>
                                <td><svg class="share wide" viewBox="0 0 100 8" preserveAspectRatio="none"
                                        aria-hidden="true">
                                        <rect class="meter-all" width="100" height="8" />
                                        <rect class="other" width="{{ 100 * $share }}" height="8" />
                                    </svg></td>
                                <td class="num">{{ $percent($share) }} %</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
            <div>
                <section class="sheet">
                    <h2>Advice against what it was</h2>
                    <svg class="plot square" viewBox="-56 -8 232 182" role="img"
                        aria-label="Chance stated after the first start against how often it was so; the numbers are in the table">
                        <path class="axis" d="M0 0V150H150" />
                        <path class="ideal" d="M0 150L150 0" />
                        @foreach ($page->body['calibration'] as $bin)
                            <path class="range" d="{{ $page->range($bin) }}" />
                            <circle cx="{{ 150 * $bin['stated'] }}" cy="{{ 150 - (150 * $bin['hit']) / $bin['of'] }}"
                                r="4" />
                            @endforeach <text x="75" y="166">stated</text><text x="-6" y="12" class="left">was
                                so</text>
                    </svg>
                    <table class="list">
                        <thead>
                            <tr>
                                <th scope="col" class="num">Stated</th>
                                <th scope="col" class="num">Was so</th>
                                <th scope="col" class="num">95 %</th>
                            </tr>
                        </thead>
                        <tbody>
                            @forelse ($page->body['calibration'] as $bin)
                                <tr>
                                    <td class="num">{{ $percent($bin['stated']) }} %</td>
                                    <td class="num">{{ $bin['hit'] }} of {{ $bin['of'] }}</td>
                                    <td class="num">
                                        {{ $percent($bin['interval'][0]) }}–{{ $percent($bin['interval'][1]) }} %</td>
                            </tr>@empty<tr>
                                    <td colspan="3">No cause is known yet.</td>
                                </tr>
                            @endforelse
                        </tbody>
                    </table>
                    <p>Condemned wrongly: {{ $page->body['wrong']['wrong'] }} of
                        {{ $page->body['wrong']['of'] }}{{ $page->wrongBetween() }}: came back with the same stop, and
                        another part it
                        was.</p>
                    @if ($page->body['minutes'])
                        <p>Bench minutes: {{ $page->body['minutes']['middle'] }} in the middle, eight jobs of ten
                            between
                            {{ $page->body['minutes']['low'] }} and {{ $page->body['minutes']['high'] }}. Forecast
                            before the first start:
                            {{ $page->body['minutes']['from'] }} to {{ $page->body['minutes']['to'] }} for eight of
                            ten; it held in
                            {{ $page->body['minutes']['held'] }} of {{ $page->body['minutes']['of'] }}, which says
                            {{ $percent($page->body['minutes']['interval'][0]) }} to
                            {{ $percent($page->body['minutes']['interval'][1]) }}
                            %.</p>
                    @endif
                </section>
                <section class="sheet">
                    <h2>Dead on arrival</h2>
                    <table class="list">
                        <thead>
                            <tr>
                                <th scope="col">Supplier</th>
                                <th scope="col" class="num">Dead</th>
                                <th scope="col" class="num">95 %</th>
                            </tr>
                        </thead>
                        <tbody>
                            @forelse ($page->body['suppliers'] as $supplier)
                                <tr>
                                    <td>{{ $supplier['name'] }}</td>
                                    <td class="num">{{ $supplier['dead'] }} of {{ $supplier['of'] }}</td>
                                    <td class="num">
                                        {{ $percent($supplier['interval'][0]) }}–{{ $percent($supplier['interval'][1]) }}
                                        %
                                    </td>
                            </tr>@empty<tr>
                                    <td colspan="3">Nothing was ordered yet.</td>
                                </tr>
                            @endforelse
                        </tbody>
                    </table>
                </section>
                <section class="sheet">
                    <h2>{{ $person->is(auth()->user()) ? 'Yours' : $person->name }}</h2>
                    <p>{{ $own['jobs'] }} jobs closed, {{ $own['back'] }} came back,
                        {{ (int) round($own['minutes'] / max(1, $own['jobs'])) }} bench minutes each.</p>
                    @if ($people->count() > 1)
                        <form method="get" action="{{ route('how-well') }}" class="filter"><label for="h-person"
                                class="visually-hidden">Person</label><select id="h-person" name="person">
                                @foreach ($people as $one)
                                    <option value="{{ $one->id }}" @selected($one->is($person))>
                                        {{ $one->name }}</option>
                                @endforeach
                            </select>
                            <button>show</button>
                        </form>
                    @endif
                    <p><small>Only this person and the lead see it.</small></p>
                </section>
            </div>
        </div>
    @endif
</x-layout>
