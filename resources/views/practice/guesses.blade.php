<x-layout title="Your guesses on real jobs" nav="practice">
    <div class="head">
        <h1>Your guesses on real jobs</h1>
        <p>What you thought before the adviser spoke, held against what was found. Only you see this page's numbers of
            you.
            <a href="{{ route('practice') }}">The practice room</a>
        </p>
    </div>
    <section class="sheet" aria-labelledby="h-how">
        <h2 id="h-how">How well they hold</h2>
        @if ($person === null)
            <p>None of your guesses is settled yet. Where you ask for it below, a job that was started once asks what
                you
                think before it shows the advice. A guess is settled when the job is closed with its cause known.</p>
        @else
            <dl class="figures">
                <div>
                    <dt>You</dt>
                    <dd class="num">{{ number_format($person->estimate, 2) }}
                        <small>{{ number_format($person->low, 2) }}
                            to
                            {{ number_format($person->high, 2) }}</small>
                    </dd>
                </div>
                <div>
                    <dt>The adviser, on the same records</dt>
                    <dd class="num">{{ number_format($adviser->estimate, 2) }}
                        <small>{{ number_format($adviser->low, 2) }}
                            to {{ number_format($adviser->high, 2) }}</small>
                    </dd>
                </div>
            </dl>
            <p>Brier's score over {{ count($settled) === 1 ? '1 guess' : count($settled) . ' guesses' }}: 0 is knowing
                it,
                1 is as good as knowing nothing, more is worse. The range is where 95 of 100 such means would lie (by
                resampling); where the two ranges overlap, nobody can say who is better yet.</p>
            <div class="wide-table" tabindex="0" role="group" aria-label="Settled guesses">
                <table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Job</th>
                            <th scope="col">It was</th>
                            <th scope="col">You thought</th>
                            <th scope="col" class="num">You</th>
                            <th scope="col" class="num">Adviser</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($settled as $one)
                            <tr>
                                <td><a href="{{ route('jobs.show', $one->wager->job) }}">{{ $one->wager->job->tag }}</a>
                                </td>
                                <td>{{ $catalogue->part($one->part)->name }}</td>
                                <td>{{ $one->wager->words() }}
                                </td>
                                <td class="num">{{ number_format($one->person, 2) }}</td>
                                <td class="num">{{ number_format($one->adviser, 2) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        <form method="post" action="{{ route('guesses.ask') }}" class="ask-first">@csrf
            <label class="tick"><input type="checkbox" name="guesses_first" value="1"
                    @checked(auth()->user()->guesses_first)>
                Ask for my guess before a job shows me the advice</label>
            <button>Keep it so</button>
        </form>
    </section>
    @can('lead')
        <section class="sheet" aria-labelledby="h-better">
            <h2 id="h-better">Where people know better than the adviser</h2>
            @if ($better === [])
                <p>Nowhere, by what is settled so far. A kind of part stands here when at least five guesses of it were
                    better than the adviser's by more than luck explains.</p>
            @else
                <p>There the catalogue may be wrong. Nobody is named.</p>
                <ul>
                    @foreach ($better as $place)
                        <li><a
                                href="{{ route('book.page', ['part', $place['part']]) }}">{{ $catalogue->part($place['part'])->name }}</a>:
                            {{ $place['guesses'] }} guesses, better by {{ number_format($place['better']->estimate, 2) }}
                            ({{ number_format($place['better']->low, 2) }} to
                            {{ number_format($place['better']->high, 2) }})
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
    @endcan
</x-layout>
