@php($first = $beside['first'])
<x-layout :title="'Back: '.$job->tag" nav="comebacks">
    <div class="head"><a class="tag" href="{{ route('jobs.show', $job) }}">{{ $job->tag }}</a><h1>Came back</h1><p>{{ $job->machine->model }}, {{ $beside['days'] }} {{ $beside['days'] === 1 ? 'day' : 'days' }} after <a href="{{ route('jobs.show', $first) }}">{{ $first->tag }}</a>. {{ $beside['warranty']->words() }}</p></div>
    <p class="notice" role="note"><b>{{ $beside['same'] === null ? 'Not compared yet.' : ($beside['same'] ? 'The same as then.' : 'Something else than then.') }}</b> Then: {{ $beside['then'] }}. Now: {{ $beside['now'] }}.</p>
    <div class="columns two beside">
        <section class="sheet"><h2>Then, {{ $first->tag }}</h2>
            <p>@forelse ($beside['earlier']->causes() as $cause){{ App\View\Mark::of($cause->standing) }} {{ $cause->part->name }}, {{ $cause->standing->words() }}. @empty No cause was named. @endforelse</p>
            @if ($beside['unproved'] !== [])<h3>Not proved then, so it comes first now</h3><ul>@foreach ($beside['unproved'] as $part)<li>{{ $part }}</li>@endforeach</ul>@endif
        </section>
        <section class="sheet"><h2>Now, {{ $job->tag }}</h2>
            <p>@foreach (array_slice($assessment->suspects(), 0, 4) as $suspect){{ App\View\Mark::of($suspect->standing) }} {{ $suspect->part->name }} <span class="num">{{ (int) round(100 * $suspect->probability) }} %</span> @endforeach</p>
            <h3>Not tried yet</h3>
            @if ($untried === [])<p>Every condition that could show it was tried.</p>@else<table class="list"><thead><tr><th scope="col">Condition</th><th scope="col" class="num">would show it</th></tr></thead><tbody>@foreach ($untried as $one)<tr><td>{{ ucfirst($one->name) }}</td><td class="num">{{ max(1, (int) round(100 * $one->chance)) }} %</td></tr>@endforeach</tbody></table>@endif
            <form method="post" action="{{ route('comebacks.update', $job) }}" novalidate>@csrf
                <h3>Beside the work</h3>
                <div class="field"><label for="b-blame">Whose it was</label><select id="b-blame" name="blame">@foreach (App\Http\Controllers\ComebackController::BLAME as $blame => $words)<option value="{{ $blame }}" @selected(old('blame', $job->comeback['blame'] ?? 'open') === $blame)>{{ $words }}</option>@endforeach</select></div>
                <x-field name="goodwill" :label="'Goodwill, '.config('shop.currency')" inputmode="decimal" autocomplete="off" :value="($job->comeback['goodwill'] ?? 0) > 0 ? number_format($job->comeback['goodwill'] / 100, 2, '.', '') : ''"/>
                <x-field name="ahead" label="Replacement sent ahead" maxlength="200" autocomplete="off" :value="$job->comeback['ahead'] ?? ''"/><x-field name="resale" label="Sold on as open-box, to whom" maxlength="200" autocomplete="off" :value="$job->comeback['resale'] ?? ''" hint="its history goes with it"/>
                <button>Put it on the record</button></form>
        </section>
    </div>
</x-layout>
