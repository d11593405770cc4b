<x-layout :title="'Ours ' . $job->tag" nav="shelf">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>{{ $job->machine->model }}</h1>
        <p>Bought from {{ $job->own['from'] }} for
            {{ shop()->money()->words($job->own['paid']) }}{{ $job->own['lot'] ?? null ? ' (its share of a lot)' : '' }}.
            Its parts cost {{ shop()->money()->amount($value) }} new.</p><a class="button"
            href="{{ route('jobs.decide', $job) }}">Decide, order</a><a class="button" href="{{ route('own') }}">All of
            ours</a>
    </div>
    <p class="notice" role="note"><b>{{ \Illuminate\Support\Str::before($sum->advice, ':') }}.</b>
        {{ ucfirst(trim(\Illuminate\Support\Str::after($sum->advice, ':'))) }} @if ($sum->daysLeft !== null)
            {{ $sum->daysLeft >= 0 ? "It can go back for {$sum->daysLeft} more days." : 'It can no longer go back.' }}
        @endif
    </p>
    <section class="sheet">
        <table class="list">
            <thead>
                <tr>
                    <th scope="col">Part</th>
                    <th scope="col">Stands</th>
                    <th scope="col" class="num">Chance it is good</th>
                    <th scope="col" class="num">Cost share</th>
                    <th scope="col" class="num">Worth alone</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($sum->parts as $part)
                    <tr>
                        <td>{{ $part['part'] }}</td>
                        <td>{{ App\View\Mark::of($part['standing']) }} {{ $part['standing']->words() }}</td>
                        <td class="num">{{ (int) floor(100 * $part['good']) }} %</td>
                        <td class="num">{{ shop()->money()->amount($part['cost']) }}</td>
                        <td class="num">{{ shop()->money()->amount($part['worth']) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p>Built and sold it leaves <b class="num">{{ shop()->money()->amount($sum->build) }}</b>, with <b
                class="num">{{ shop()->money()->amount($sum->reserve) }}</b> set aside for comebacks in the
            warranty; broken up <b class="num">{{ shop()->money()->amount($sum->break) }}</b>.</p>
        @foreach ($job->orders->where('state', 'held') as $order)
            <p class="notice">{{ $order->tag }}, {{ $order->name }}, is held back: it only makes sense once
                {{ $heldFor($order) }} is
                proved good.</p>
        @endforeach
    </section>
</x-layout>
