<x-layout :title="$job->tag . ' after entry ' . $entry->number" nav="job">
    <div class="job-page why-page" x-data="why" x-on:keydown.window="key">
        <x-job-frame :job="$job" at="find" />
        <div class="head">
            <h1>What was known after entry {{ $entry->number }}</h1>
            <p>{{ shop()->date($stored->made_at, time: true) }}, {{ $stored->user->name }}:
                <b>{{ implode(': ', array_filter([$words->what($entry), $words->outcome($entry)])) }}</b>.
                <a href="{{ route('jobs.show', $job) }}">Back to the bench</a>
            </p>
        </div>
        <nav class="why-suspects" aria-label="Entries">
            @if ($entry->number > 1)
                <a rel="prev" href="{{ route('why.then', [$job, $entry->number - 1]) }}">entry
                    {{ $entry->number - 1 }}</a>
            @endif
            <a href="{{ route('why.then', [$job, $entry->number]) }}" aria-current="page">entry {{ $entry->number }} of
                {{ $last }}</a>
            @if ($entry->number < $last)
                <a rel="next" href="{{ route('why.then', [$job, $entry->number + 1]) }}">entry
                    {{ $entry->number + 1 }}</a>
            @endif
            <small><kbd>←</kbd> <kbd>→</kbd> go along</small>
        </nav>
        <section class="chain-strip" tabindex="0" aria-label="Chain as it stood then"><x-chain :chain="$chain" />
        </section>
        <div class="columns two">
            <section class="sheet">
                <h2>What this entry did</h2>
                @if ($moves === [])
                    <p>It moved nothing by a hundredth.</p>
                @else
                    <table class="quiet-table">
                        @foreach (array_slice($moves, 0, 9, true) as $part => [$before, $after])
                            <tr>
                                <td><a
                                        href="{{ route('why.part', [$job, $part]) }}">{{ $assessment->machine->part($part)->name }}</a>
                                </td>
                                <td><x-belief-bar :percent="\Orthoscope\Core\Plain\Percent::whole($before)" /></td>
                                <td aria-hidden="true">→</td>
                                <td><x-belief-bar :percent="\Orthoscope\Core\Plain\Percent::whole($after)" /></td>
                            </tr>
                        @endforeach
                    </table>
                @endif
            </section>
            <section class="sheet">
                <h2>What was advised then</h2>
                <p><b>{{ App\View\PencilPage::next($assessment) }}</b></p>
                <p>{{ $assessment->advice->why }}</p>
                @if ($assessment->surprise->level !== 'none')
                    <p class="notice"><b>It did not fit.</b> {{ $assessment->surprise->why }}</p>
                @endif
                <p class="soft">By the spares and the numbers of today; what was struck out later counts here until it
                    was.</p>
            </section>
        </div>
    </div>
</x-layout>
