<x-layout :title="'What if, ' . $job->tag" nav="job">
    <div class="job-page why-page pencil">
        <x-job-frame :job="$job" at="find" />
        <div class="head">
            <h1>What if</h1>
            <p><b>In pencil:</b> nothing of this page is on the record. <a href="{{ route('jobs.show', $job) }}">Back to
                    the bench</a></p>
        </div>
        @if ($mistake !== null)
            <p class="error" role="alert">{{ $mistake }}</p>
        @endif
        @if ($page->pencil !== null)
            <section class="chain-strip" tabindex="0" aria-label="Chain in pencil"><x-chain :chain="$page->chain()" />
            </section>
        @endif
        <div class="columns two">
            <form class="sheet" method="get" action="{{ route('what-if', $job) }}" data-draft="no">
                <h2>Think away</h2>
                <div class="think-away">
                    @foreach ($page->entries() as $entry)
                        <label><input type="checkbox" name="without[]" value="{{ $entry->number }}"
                                @checked(in_array($entry->number, $page->without, true))>
                            <span class="num">{{ $entry->number }}</span>
                            {{ implode(': ', array_filter([$page->words->what($entry), $page->words->outcome($entry)])) }}</label>
                    @endforeach
                </div>
                <p><button>Work it out</button>
                    @if ($page->pencil !== null)
                        <a href="{{ route('what-if', $job) }}">Rub it out</a>
                    @endif
                </p>
                <h2>Pretend</h2>
                @foreach ($page->steps() as $step)
                    <fieldset class="pretend">
                        <legend>{{ $step->candidate->name() }}</legend>
                        @foreach (App\View\StepCard::of($step)->buttons as $i => $button)
                            <button name="pretend" type="submit" class="quiet"
                                formaction="{{ route('what-if', $job) }}"
                                value="{{ $step->candidate->id() }} {{ $i }}"
                                @class([
                                    'pressed' =>
                                        $page->step === $step->candidate->id() && $page->outcome === $i,
                                ])>{{ $button['outcome']->words }}
                                <small>{{ \Orthoscope\Core\Plain\Percent::whole($button['outcome']->probability) }}
                                    %</small></button>
                        @endforeach
                    </fieldset>
                @endforeach

            </form>
            <div>
                <section class="sheet" aria-live="polite">
                    <h2>{{ $page->pencil === null ? 'As it stands' : 'Record and pencil' }}</h2>
                    <table class="outcome-table">
                        <thead>
                            <tr>
                                <th scope="col">part</th>
                                <th scope="col">on the record</th>
                                @if ($page->pencil !== null)
                                    <th scope="col">in pencil</th>
                                @endif
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($page->beside() as $row)
                                <tr>
                                    @php
                                        $part = $row['part']->part;
                                    @endphp

                                    <th scope="row"><a
                                            href="{{ route('why.part', [$job, $part->id]) }}">{{ $part->name }}</a>
                                    </th>
                                    <td><x-belief-bar :percent="$row['now']" /></td>
                                    @if ($page->pencil !== null)
                                        <td><x-belief-bar :percent="$row['then']" /></td>
                                    @endif
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <dl class="takes">
                        <dt>next</dt>
                        <dd>{{ App\View\PencilPage::next($page->assessment) }}</dd>
                        @if ($page->pencil !== null)
                            <dt>in pencil</dt>
                            <dd><b>{{ App\View\PencilPage::next($page->pencil) }}</b>
                                @if ($page->pencil->surprise->level !== 'none')
                                    <small>{{ $page->pencil->surprise->why }}</small>
                                @endif
                            </dd>
                        @endif
                    </dl>
                </section>
                <section class="sheet">
                    <h2>If one entry is mistaken</h2>
                    @forelse ($page->telling() as $one)
                        <p><a href="{{ route('what-if', [$job, 'without' => [$one['entry']->number]]) }}">Entry
                                {{ $one['entry']->number }}</a>,
                            {{ lcfirst($page->words->what($one['entry'])) }}: without it {{ lcfirst($one['first']) }}
                            comes
                            first, {{ $one['moved'] }} % of belief moves.</p>
                    @empty
                        <p>No single entry changes what is believed.</p>
                    @endforelse
                </section>
            </div>
        </div>
    </div>
</x-layout>
