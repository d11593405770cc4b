<x-layout title="Practice" nav="practice">
    <div class="head">
        <h1>Practice</h1>
        <p>Made-up machines with a hidden fault, to learn the trade without ruining a board. Nothing of it is in any
            list,
            number or shelf of the shop. <a href="{{ route('guesses') }}">Your guesses on real jobs</a>
            @can('lead')
                · <a href="{{ route('practice.cases') }}">Own cases</a> · <a href="{{ route('practice.people') }}">How far
                    everybody is</a>
            @endcan
        </p>
    </div>
    @if ($errors->any())
        <p class="error" role="alert">{{ $errors->first() }}</p>
    @endif
    <div class="practice-top">
        <section class="sheet" aria-labelledby="h-today">
            <h2 id="h-today">Today's machine</h2>
            @if ($today?->isOver())
                <p>{{ $today->right ? 'You named it' : 'It was something else' }}, {{ $today->points }} points in
                    {{ $today->minutes }} min. <a href="{{ route('practice.debrief', $today) }}">Look back at it</a></p>
            @elseif ($today)
                <p><a class="main-link" href="{{ route('practice.show', $today) }}">Go on with it</a></p>
            @else
                <p>The same for everybody of the shop, once for each.</p>
                <x-practice.begin kind="day" label="Take it" main />
            @endif
        </section>
        <section class="sheet" aria-labelledby="h-any">
            <h2 id="h-any">Any machine</h2>
            <p>As they come in: common faults often, odd ones seldom.</p>
            <x-practice.begin kind="any" label="Take one" />
        </section>
        <section class="sheet" aria-labelledby="h-due">
            <h2 id="h-due">Due again</h2>
            @php
                $due = array_filter($families, fn($one) => $one->isDue);
            @endphp
            @forelse ($due as $one)
                <p><a href="{{ route('practice.lesson', $one->family->id) }}">{{ $one->family->name }}</a>, box
                    {{ $one->box }} of 5</p>
            @empty
                <p>Nothing today. What goes wrong comes back tomorrow; what goes right rests twice as long each
                    time (Leitner’s boxes, 1972).
                </p>
            @endforelse
        </section>
    </div>
    @if ($open->isNotEmpty())
        <section class="sheet" aria-labelledby="h-open">
            <h2 id="h-open">Not finished</h2>
            <ul class="practice-open">
                @foreach ($open as $practice)
                    <li><a href="{{ route('practice.show', $practice) }}">{{ $practice->core()->name }}</a>
                        <small>begun
                            {{ $practice->created_at->format('j M H:i') }}</small>
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <section class="sheet" aria-labelledby="h-lessons">
        <h2 id="h-lessons">Lessons</h2>
        <div class="wide-table" tabindex="0" role="group" aria-label="Lessons">
            <table class="list lessons">
                <thead>
                    <tr>
                        <th scope="col">Family of faults</th>
                        <th scope="col">Five machines</th>
                        <th scope="col">Test</th>
                        <th scope="col" class="num">Points</th>
                        <th scope="col">Again</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($families as $one)
                        <tr>
                            <th scope="row"><a
                                    href="{{ route('practice.lesson', $one->family->id) }}">{{ $one->family->name }}</a>
                                <small>{{ $one->family->line }}</small>
                            </th>
                            <td><x-practice.grades :grades="$one->grades" /></td>
                            <td>{{ $one->passed ? 'passed' : '–' }}</td>
                            <td class="num">{{ $one->points ?? '–' }}</td>
                            <td>{{ $one->isDue ? 'today' : $one->due ?? '–' }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </section>
    @if ($cases->isNotEmpty())
        <section class="sheet" aria-labelledby="h-cases">
            <h2 id="h-cases">Cases of this shop</h2>
            <ul class="practice-open">
                @foreach ($cases as $case)
                    <li><b>{{ $case->name }}</b> <x-practice.begin kind="case" :case="$case->id"
                            label="Take it" /></li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($lately->isNotEmpty())
        <section class="sheet" aria-labelledby="h-lately">
            <h2 id="h-lately">Looked back at</h2>
            <x-practice.ended :practices="$lately" />
        </section>
    @endif
</x-layout>
