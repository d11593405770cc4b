<x-layout :title="$family->name . ', a lesson'" nav="practice">
    <div class="head">
        <h1>{{ $family->name }}</h1>
        <p><span class="practice-tag">Practice</span> {{ $family->line }} <a href="{{ route('practice') }}">All
                lessons</a></p>
    </div>
    <div class="lesson">
        <section class="sheet" aria-labelledby="h-why">
            <h2 id="h-why">Why</h2>
            @foreach ($family->why as $paragraph)
                <p>{{ $paragraph }}</p>
            @endforeach
            <ul class="remember">
                @foreach ($family->remember as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
        </section>
        <section class="sheet" aria-labelledby="h-machines">
            <h2 id="h-machines">Five machines, then a test</h2>
            <x-practice.grades :grades="$progress->grades" />
            <ol class="machines">
                @foreach (Orthoscope\Core\Practice\PuzzleDraw::GRADES as $grade => $manner)
                    <li><b>{{ $grade }}</b>
                        <span>{{ $family->two && $grade < 3 ? 'two faults at once' : $manner }}</span>
                        <x-practice.begin kind="lesson" :family="$family->id" :grade="$grade" :main="$progress->next() === $grade"
                            :label="$progress->grades[$grade] === true ? 'Another' : 'Take it'" />
                    </li>
                @endforeach
                <li><b>T</b> <span>the test: a machine nobody has seen, the adviser silent, no grave
                        risk{{ $progress->passed ? '. Passed' : '' }}</span>
                    <x-practice.begin kind="test" :family="$family->id" :advice="false" :main="$progress->testIsNext()"
                        label="Take the test" />
                </li>
            </ol>
            @if ($progress->passed && $next)
                <p><a class="main-link" href="{{ route('practice.lesson', $next->id) }}">Next lesson:
                        {{ $next->name }}</a></p>
            @endif
        </section>
    </div>
    <section class="sheet" aria-labelledby="h-worked">
        <h2 id="h-worked">A worked course: {{ $course->attempt->puzzle->name }}</h2>
        <p class="complaint">“{{ $course->attempt->record()->entries[0]->text }}”</p>
        <div class="chain-strip" id="worked" tabindex="0" role="group" aria-label="Chain"><x-chain
                :chain="$chain" /></div>
        <ol class="worked">
            @foreach ($course->attempt->done as $i => $done)
                @continue($i === 0 || $i + 1 > $at)
                @php
                    $entries = $course->attempt->recordAfter($i + 1)->entries;
                    $entry = $entries[count($entries) - 1];
                @endphp
                <li @if ($i + 1 === $at) aria-current="step" @endif>
                    <p class="because">{{ $course->why[$i + 1] }}</p>
                    <p>
                        @if ($done->entries === [])
                            <b>left to stand {{ intdiv($done->stood, 60) }} h {{ $done->stood % 60 }} min</b>
                        @else
                            <b>{{ $words->what($entry) }}</b> {{ $words->outcome($entry) }}
                        @endif
                        <small class="num">{{ $done->minutes }} min</small>
                    </p>
                </li>
            @endforeach
        </ol>
        <nav class="steps" aria-label="Worked course">
            @if ($at > 1)
                <a href="{{ route('practice.lesson', ['family' => $family->id, 'at' => $at - 1]) }}#worked">Back</a>
            @endif
            <span class="num">{{ $at - 1 }} of {{ $last - 1 }}</span>
            @if ($at < $last)
                <a class="main-link"
                    href="{{ route('practice.lesson', ['family' => $family->id, 'at' => $at + 1]) }}#worked">
                    {{ $at === 1 ? 'Begin' : 'Next deed' }}</a>
            @else
                <span>Solved.</span>
            @endif
        </nav>
    </section>
</x-layout>
