<x-layout title="How far everybody is" nav="practice">
    <div class="head">
        <h1>How far everybody is</h1>
        <p><span class="practice-tag">Practice</span> Each person sees their own; you see all. <a
                href="{{ route('practice') }}">The practice room</a></p>
    </div>
    <section class="sheet" aria-labelledby="h-people">
        <h2 id="h-people">Lessons</h2>
        <div class="wide-table" tabindex="0" role="group" aria-label="Lessons by person">
            <table class="list lessons">
                <thead>
                    <tr>
                        <th scope="col">Family of faults</th>
                        @foreach ($people as $one)
                            <th scope="col">{{ $one['user']->name }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach (Orthoscope\Core\Practice\Families::shipped()->all as $id => $family)
                        <tr>
                            <th scope="row">{{ $family->name }}</th>
                            @foreach ($people as $one)
                                @php
                                    $of = collect($one['families'])->first(fn($each) => $each->family->id === $id);
                                @endphp
                                <td><x-practice.grades :grades="$of->grades" />
                                    {{ $of->passed ? 'passed' : '' }}
                                    @if ($of->points !== null)
                                        <small class="num">{{ $of->points }} points</small>
                                    @endif
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </section>
    <section class="sheet" aria-labelledby="h-lately">
        <h2 id="h-lately">Lately</h2>
        @if ($lately->isEmpty())
            <p>Nobody has answered a machine yet.</p>
        @else
            <x-practice.ended :practices="$lately" who />
        @endif
    </section>
</x-layout>
