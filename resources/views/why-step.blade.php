@php
    $step = $page->step;
    $candidate = $step->candidate;
@endphp

<x-layout :title="'Why: ' . $candidate->name()" nav="job">
    <div class="job-page why-page">
        <x-job-frame :job="$job" at="find" />
        <div class="head">
            <h1>{{ $page->isFirst() ? 'Why this first:' : 'Why this:' }} {{ lcfirst($candidate->name()) }}?</h1>
            <p>{{ $step->why }} <a href="{{ route('jobs.show', $job) }}">Back to the bench</a> · <a
                    href="{{ route('book.page', ['step', $candidate->step->id]) }}">In the handbook</a></p>
        </div>
        <div class="columns two">
            <div>
                <section class="sheet">
                    <h2>What each outcome would do</h2>
                    <div class="wide-table" tabindex="0" role="group" aria-label="Outcomes and suspects">
                        <table class="outcome-table">
                            <thead>
                                <tr>
                                    <th scope="col">suspect</th>
                                    <th scope="col">now</th>
                                    @foreach ($step->outcomes as $outcome)
                                        <th scope="col">{{ $outcome->words }}
                                            <small>{{ \Orthoscope\Core\Plain\Percent::whole($outcome->probability) }}
                                                %</small>
                                        </th>
                                    @endforeach
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($page->suspects() as $standing)
                                    <tr>
                                        <th scope="row"><a
                                                href="{{ route('why.part', [$job, $standing->part->id]) }}">{{ $standing->part->name }}</a>
                                        </th>
                                        <td><x-belief-bar :percent="\Orthoscope\Core\Plain\Percent::whole($standing->stated)" /></td>
                                        @foreach ($step->outcomes as $outcome)
                                            <td><x-belief-bar :percent="$page->after($outcome, $standing)" /></td>
                                        @endforeach
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                </section>
                <section class="sheet">
                    <h2>What it costs and saves</h2>
                    <dl class="takes">
                        <dt>minutes</dt>
                        <dd>
                            @if ($step->opening)
                                {{ $step->minutes }} at the bench, for what it lets be done:
                                {{ lcfirst($step->opening->opened->candidate->name()) }}. Together they take
                                {{ $step->opening->minutes() }}.
                            @else
                                {{ $step->minutes }} at the bench, {{ (int) round($step->after) }} expected after it.
                            @endif
                            {{ $step->opening ? 'They save' : 'It saves' }}
                            {{ $step->saves >= 1 ? 'about ' . (int) round($step->saves) : 'none' }}
                            against repairing by likelihood at once.
                        </dd>
                        <dt>at risk</dt>
                        <dd>{{ $step->moneyAtRisk >= 1 ? shop()->money()->words($step->moneyAtRisk) . ', times its chance' : 'nothing' }}
                            @if ($candidate->spare)
                                of spare <span class="lent">{{ $candidate->spare->tag }}</span>
                            @endif
                        </dd>
                        <dt>tells</dt>
                        <dd class="num">{{ number_format($step->bits, 2) }} bits</dd>
                        @if ($candidate->spare && $candidate->target?->kind->lendable)
                            <dt>that spare</dt>
                            <dd>{{ $candidate->spare->tag }}, trusted to
                                {{ \Orthoscope\Core\Plain\Percent::whole($candidate->spare->trust) }}
                                %. <a href="{{ route('jobs.donors', [$job, $candidate->target->id]) }}">Why that one,
                                    and
                                    which
                                    others fit</a></dd>
                        @endif
                        @if ($page->whyNot() !== null)
                            <dt>and not</dt>
                            <dd>{{ $page->whyNot() }}</dd>
                        @endif
                    </dl>
                    @if ($candidate->step->caution)
                        <p class="caution">{{ $candidate->step->caution }}</p>
                    @endif
                </section>
            </div>
            <div>
                <section class="sheet" id="otherwise">
                    <h2>I think otherwise</h2>
                    <form method="get" action="{{ route('why.step', [$job, $candidate->id()]) }}#otherwise"
                        data-draft="no">
                        <div class="field"><label for="f-other">I would rather</label><select id="f-other"
                                name="other">
                                <optgroup label="another step">
                                    @foreach ($page->others() as $one)
                                        <option value="{{ $one->candidate->id() }}" @selected($asked === $one->candidate->id())>
                                            {{ $one->candidate->name() }}{{ $one->isOpen() ? '' : ' (locked)' }}
                                        </option>
                                    @endforeach
                                </optgroup>
                                <optgroup label="another part">
                                    @foreach (array_slice($page->assessment->suspects(), 0, 8) as $suspect)
                                        <option value="part:{{ $suspect->part->id }}" @selected($asked === 'part:' . $suspect->part->id)>
                                            {{ $suspect->part->name }}</option>
                                    @endforeach
                                </optgroup>
                            </select></div>
                        <button>What would that cost?</button>
                        <small class="soft">Worked out anew a few times: some seconds.</small>
                    </form>
                    @if ($other !== null)
                        <div class="otherwise" role="status">
                            <p><b>{{ $other->other->candidate->name() }}</b> first, not
                                {{ lcfirst($other->first->candidate->name()) }}:</p>
                            <p>
                                @if ($other->minutes >= 1)
                                    About <b>{{ (int) round($other->minutes) }} min more</b> until it is found, by the
                                    numbers.
                                @elseif ($other->minutes <= -1)
                                    About <b>{{ (int) round(-$other->minutes) }} min fewer</b>; it stands behind for
                                    what it risks.
                                @else
                                    <b>As good</b> by minutes.
                                @endif
                                @if ($other->atRisk >= 50)
                                    {{ shop()->money()->words($other->atRisk) }} more at risk.
                                @elseif ($other->atRisk <= -50)
                                    {{ shop()->money()->words(-$other->atRisk) }} less at risk.
                                @endif
                            </p>
                            @if (!$other->other->isOpen())
                                <p class="danger">It is locked:
                                    {{ $other->other->lockedBy[0]->lock->unlock ?? 'no spare on the shelf fits.' }}
                                </p>
                            @endif
                            @if ($other->needed === [] && $other->other->isOpen())
                                <p>Nothing that it could find is believed to any degree; no number of the catalogue
                                    would bring it
                                    forward by itself.</p>
                            @endif
                            @if ($other->needed !== [])
                                <p>You would be right</p>
                                <ul>
                                    @foreach ($other->needed as [$fault, $times])
                                        <li>
                                            @if ($times === null)
                                                not even if “{{ $fault->name() }}” were 30 times as common here as
                                                believed
                                            @else
                                                if “{{ $fault->name() }}” were <b>{{ (int) $times }} times</b> as
                                                common
                                                here as believed
                                            @endif
                                        </li>
                                    @endforeach
                                </ul>
                                @can('lead')
                                    <p><a href="{{ route('numbers') }}">The numbers of this shop</a> are where that is
                                        said.</p>
                                @endcan
                            @endif
                        </div>
                    @elseif ($asked !== '')
                        <p role="status">That comes first already, or nothing that can be done now would tell more of
                            it.</p>
                    @endif
                </section>
                <section class="sheet">
                    <h2>The order</h2>
                    <table class="quiet-table">
                        @foreach (array_slice($page->assessment->advice->steps, 0, 12) as $one)
                            <tr @if ($one->candidate->id() === $candidate->id()) class="lit" @endif>
                                <td><a
                                        href="{{ route('why.step', [$job, $one->candidate->id()]) }}">{{ $one->candidate->name() }}</a>
                                </td>
                                <td class="num">{{ $one->minutes }} min</td>
                                <td class="num">
                                    {{ !$one->isOpen() ? 'locked' : ($one->saves >= 1 ? 'saves ' . (int) round($one->saves) : '–') }}
                                </td>
                            </tr>
                        @endforeach
                    </table>
                </section>
            </div>
        </div>
    </div>
</x-layout>
