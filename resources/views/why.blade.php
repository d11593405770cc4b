@php
    $standing = $page->standing;
@endphp

<x-layout :title="'Why ' . $page->part->inSentence()" nav="job">
    <div class="job-page why-page" x-data="why" x-on:keydown.window="key">
        <x-job-frame :job="$job" at="find" />
        <div class="head">
            <h1>Why {{ $page->part->inSentence() }}?</h1>
            <p>{{ App\View\Mark::of($standing->standing) }} {{ ucfirst($standing->words()) }},
                <b class="num">{{ \Orthoscope\Core\Plain\Percent::words($standing->stated) }}</b>.
                <a href="{{ route('jobs.show', $job) }}">Back to the bench</a> · <a
                    href="{{ route('what-if', $job) }}">What if</a> · <a
                    href="{{ route('book.page', ['part', $page->part->kind->id]) }}">In the handbook</a>
            </p>
        </div>
        <nav class="why-suspects" aria-label="Suspects">
            @foreach ($page->suspects() as $suspect)
                <a href="{{ route('why.part', [$job, $suspect->part->id]) }}"
                    @if ($suspect->part->id === $page->part->id) aria-current="page" @endif>{{ $suspect->part->name }}
                    <span class="num">{{ \Orthoscope\Core\Plain\Percent::short($suspect->stated) }}</span></a>
            @endforeach
            <small><kbd>←</kbd> <kbd>→</kbd> go along</small>
        </nav>
        <div class="columns two">
            <div>
                <section class="sheet">
                    <h2>How it moved</h2>
                    <x-belief-curve :curve="$page->curve" :job="$job" />
                    @if ($page->curve->mover !== null)
                        <p>Entry {{ $page->curve->mover }} moved it most.</p>
                    @endif
                    @if ($page->saidLessSurely() !== null)
                        <p class="soft">{{ $page->saidLessSurely() }}</p>
                    @endif
                </section>
                <section class="sheet">
                    <h2>What may be wrong with it</h2>
                    @php
                        $faults = array_slice($page->assessment->faultsOf($page->part->id), 0, 6);
                    @endphp
                    @if ($faults === [])
                        <p>Nothing that is believed to any degree.</p>
                    @else
                        <table class="quiet-table">
                            @foreach ($faults as $fault)
                                @php
                                    $share = $standing->share($fault->probability);
                                @endphp
                                <tr>
                                    <td>
                                        @if ($page->isInTheBook($fault->fault->id))
                                            <a
                                                href="{{ route('book.page', ['fault', $fault->fault->id]) }}">{{ $fault->fault->name }}</a>
                                        @else
                                            {{ $fault->fault->name }}
                                        @endif
                                    </td>
                                    <td class="num">
                                        {{ \Orthoscope\Core\Plain\Percent::short($share) }}
                                        %</td>
                                </tr>
                            @endforeach
                        </table>
                    @endif
                </section>
                <section class="sheet">
                    <h2>What it takes</h2>
                    <dl class="takes">
                        <dt>to be condemned</dt>
                        <dd>{{ $page->takes()['condemned'] }}</dd>
                        <dt>to be proved working</dt>
                        <dd>{{ $page->takes()['cleared'] }}</dd>
                    </dl>
                </section>
            </div>
            <div>
                <section class="sheet">
                    <h2>For and against</h2>
                    <p class="soft">How many times likelier the record makes it with an entry than without it.</p>
                    <div class="pair sides">
                        @foreach ([[true, 'speaks for it'], [false, 'speaks against it']] as [$for, $heading])
                            <div>
                                <h3>{{ $heading }}</h3>
                                <ol class="weights">
                                    @forelse ($page->speaking($for) as $one)
                                        @php
                                            $entry = $one['weight']->entry;
                                        @endphp

                                        <li><a class="num"
                                                href="{{ route('why.then', [$job, $entry]) }}">{{ $entry }}</a>
                                            <span><b>{{ $one['weight']->words() }}</b>
                                                <small>{{ implode(': ', array_filter([$one['what'], $one['saw']])) }}</small></span>
                                        </li>
                                    @empty
                                        <li class="soft">nothing on the record</li>
                                    @endforelse
                                </ol>
                            </div>
                        @endforeach
                    </div>
                    <p>{{ $page->altogether() }}</p>
                </section>
                <section class="sheet">
                    <h2>What would settle it</h2>
                    @forelse ($page->settles() as $way)
                        <div class="settles">
                            @php
                                $candidate = $way['step']->candidate;
                            @endphp

                            <h3><a
                                    href="{{ route('why.step', [$job, $candidate->id()]) }}">{{ $candidate->name() }}</a>
                                <span class="num">{{ $way['step']->minutes }} min</span>
                                @if ($way['step']->moneyAtRisk >= 50)
                                    <span class="saves">{{ shop()->money()->words($way['step']->moneyAtRisk) }} at
                                        risk</span>
                                @endif
                                @if (!$way['step']->isOpen())
                                    <span class="danger">locked</span>
                                @endif
                            </h3>
                            <ul>
                                @foreach ($way['moves'] as $move)
                                    <li><span>{{ $move['words'] }} <small>{{ $move['chance'] }} %</small></span>
                                        <x-belief-bar :percent="$move['then']" />
                                    </li>
                                @endforeach
                            </ul>
                        </div>
                    @empty
                        <p>No step of those that can be taken next would move it.</p>
                    @endforelse
                </section>
            </div>
        </div>
    </div>
</x-layout>
