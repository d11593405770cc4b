@php
    $first = $beside['first'];
@endphp

<x-layout :title="'Back: ' . $job->tag" nav="comebacks">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Came back</h1>
        <p>{{ $beside['days'] }} {{ $beside['days'] === 1 ? 'day' : 'days' }} after <a
                href="{{ route('jobs.show', $first) }}">{{ $first->tag }}</a>. {{ $beside['warranty']->words() }}</p>
    </div>
    <p class="notice" role="note"><b>{{ $beside['same']->words() }}</b> Then: {{ $beside['then'] }}. Now:
        {{ $beside['now'] }}.</p>
    <div class="columns two beside">
        <div>
            <section class="sheet">
                <h2>One beside the other</h2>
                <div class="scroll" tabindex="0" role="group" aria-label="Then and now">
                    <table class="list then-now">
                        <thead>
                            <tr>
                                <td></td>
                                <th scope="col">Then, {{ $first->tag }}</th>
                                <th scope="col">Now, {{ $job->tag }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            <tr>
                                <th scope="row">They said</th>
                                @foreach ($sides as $side)
                                    <td>{{ $side->said === '' ? '' : '“' . $side->said . '”' }}
                                        <small>{{ $side->manner }}</small>
                                    </td>
                                @endforeach
                            </tr>
                            <tr>
                                <th scope="row">First start</th>
                                @foreach ($sides as $side)
                                    <td>{{ $side->thumb }}{{ $side->outcome }}@if ($side->setUp !== '')
                                            <br><small>{{ $side->setUp }}</small>
                                        @endif
                                    </td>
                                @endforeach
                            </tr>
                            <tr>
                                <th scope="row">The part</th>
                                @foreach ($sides as $side)
                                    <td>
                                        @forelse ($side->parts as $part)
                                            <div>{{ App\View\Mark::of($part->standing) }} {{ $part->part->name }}
                                                <small>{{ $part->standing->words() }}, <span
                                                        class="num">{{ \Orthoscope\Core\Plain\Percent::whole($part->stated) }}
                                                        %</span></small>
                                        </div>@empty
                                            none was named
                                        @endforelse
                                    </td>
                                @endforeach
                            </tr>
                            <tr>
                                <th scope="row">Done</th>
                                @foreach ($sides as $side)
                                    <td>
                                        @forelse ($side->acts as $act)
                                        <div>{{ $act }}</div>@empty nothing yet
                                        @endforelse
                                    </td>
                                @endforeach
                            </tr>
                        </tbody>
                    </table>
                </div>
                @if ($beside['unproved'] !== [])
                    <h3>Not proved then, so it comes first now</h3>
                    <p>{{ implode(', ', $beside['unproved']) }}.</p>
                @endif
            </section>
            <section class="sheet">
                <h2>Not tried yet</h2>
                @if ($untried === [])
                <p>Every condition that could show it was tried.</p>@else<table class="list">
                        <thead>
                            <tr>
                                <th scope="col">Condition</th>
                                <th scope="col" class="num">would show it</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($untried as $one)
                                <tr>
                                    <td>{{ ucfirst($one->name) }}@if ($one->told)
                                            <small>its owner says it fails only then</small>
                                        @endif
                                    </td>
                                    <td class="num">{{ \Orthoscope\Core\Plain\Percent::whole($one->chance) }} %</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
            </section>
        </div>
        <form class="sheet" method="post" action="{{ route('comebacks.update', $job) }}" novalidate>@csrf
            <h2>Beside the work</h2>
            <div class="field"><label for="b-blame">Whose it was</label><select id="b-blame" name="blame">
                    @foreach (App\UseCases\Jobs\ComeBack::BLAME as $blame => $words)
                        @php
                            $picked = old('blame', $job->comeback['blame'] ?? 'open');
                        @endphp
                        <option value="{{ $blame }}" @selected($picked === $blame)>{{ $words }}</option>
                    @endforeach
                </select></div>
            @php
                $goodwillLabel = 'Goodwill, ' . shop()->money()->sign;
                $goodwill = $job->comeback['goodwill'] ?? 0;
                $typed = $goodwill > 0 ? shop()->money()->typed($goodwill) : '';
            @endphp
            <x-field name="goodwill" :label="$goodwillLabel" inputmode="decimal" autocomplete="off" :value="$typed" />
            <x-field name="ahead" label="Replacement sent ahead" maxlength="200" autocomplete="off"
                :value="$job->comeback['ahead'] ?? ''" />
            <x-field name="resale" label="Sold on as open-box, to whom" maxlength="200" autocomplete="off"
                :value="$job->comeback['resale'] ?? ''" hint="its history goes with it" />
            <button>Save</button>
        </form>
    </div>
</x-layout>
