<x-layout :title="'Donors ' . $job->tag" nav="job">
    <div class="head">
        <h1>Which one to lend for {{ $part->inSentence() }}?</h1>
        <p>{{ $job->tag }}, {{ $job->machine->model }}. This machine ruins what is put into it with
            {{ (int) round(100 * $harm) }} %.
        </p><a class="button" href="{{ route('jobs.show', $job) }}">Back to the job</a>
    </div>
    <div class="columns shelf">
        <section class="sheet">
            <h2>It goes in</h2>
            @if ($donors->fit === [])
                <p><b>Cannot be done here:</b> nothing on the shelf fits. The next steps go round it; the part can be
                    tried in a good
                    machine instead.</p>
            @else
                <table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Spare</th>
                            <th scope="col">Mind</th>
                            <th scope="col" class="num"><x-what says="trust">Trust</x-what></th>
                            <th scope="col" class="num">Worth, less risk</th>
                            <th scope="col"><span class="visually-hidden">Lend</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($donors->fit as $row)
                            @php
                                $spare = $stored[$row['spare']->tag];
                            @endphp

                            <tr>
                                <td><a class="lent" href="{{ route('spares.show', $spare) }}">{{ $spare->tag }}</a>
                                    {{ $spare->name }}
                                    <x-do-not-buy :named="$spare->model ?: $spare->name" />
                                </td>
                                <td>{{ implode('; ', $row['fitting']->cautions) }}</td>
                                <td class="num">{{ (int) floor(100 * $row['spare']->trust) }} %</td>
                                <td class="num">{{ shop()->money()->words($row['worth']) }}</td>
                                <td>
                                    @if ($spare->status !== 'free')
                                        <b class="danger">{{ App\Models\Spare::STATUSES[$spare->status] }}</b>
                                    @elseif ($spare->loan && $spare->loan->job_id !== $job->id)
                                        with {{ $spare->loan->job->tag }}, {{ $spare->loan->user->name }}
                                    @elseif ($spare->isReservedFrom($job))
                                        for {{ $spare->reservedFor?->tag }}
                                    @elseif ($spare->loan)
                                    <small>it is here</small>@else<form method="post"
                                            action="{{ route('loans.store', $job) }}">
                                            @csrf<input type="hidden" name="tag"
                                                value="{{ $spare->tag }}"><button>lend</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <section class="sheet">
            <h2>It does not</h2>
            @if ($donors->unfit === [])
            <p>Every other one of its kind goes in.</p>@else<ul>
                    @foreach ($donors->unfit as $row)
                        <li><span class="lent">{{ $row['spare']->tag }}</span> {{ $row['spare']->name }}:
                            {{ implode('; ', $row['fitting']->against) }}.</li>
                    @endforeach
                </ul>
            @endif
            @if ($hosts->isNotEmpty() || $witnesses->isNotEmpty())
                <h2>The same board in the shop</h2>
                <p>{{ $job->machine->platformFact('board') }}. See what it shows at a start; what runs in it is not
                    refused by the model.</p>
                <ul>
                    @foreach ($hosts as $host)
                        <li><a class="lent" href="{{ route('spares.show', $host) }}">{{ $host->tag }}</a>
                            {{ $host->name }}</li>
                    @endforeach
                    @foreach ($witnesses as $witness)
                        <li><a class="tag" href="{{ route('jobs.show', $witness) }}">{{ $witness->tag }}</a>
                            {{ $witness->machine->model }}; ask its owner before parts go in</li>
                    @endforeach
                </ul>
            @endif
        </section>
    </div>
</x-layout>
