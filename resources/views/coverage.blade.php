<x-layout title="What the shelf can prove" nav="shelf">
    <div class="head">
        <h1>What the shelf can prove</h1>
        <p>Machines of the last year, by what they are built on</p><a class="button" href="{{ route('shelf') }}">Shelf</a>
    </div>
    <div class="columns shelf">
        <section class="sheet">
            @if ($platforms === [])
            <p>No machine came in yet.</p>@else<table class="list">
                    <thead>
                        <tr>
                            <th scope="col">Built on</th>
                            <th scope="col" class="num">Machines</th>
                            <th scope="col">Can be proved</th>
                            <th scope="col">Cannot</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($platforms as $row)
                            <tr>
                                <td>{{ $row['platform'] }}</td>
                                <td class="num">{{ $row['jobs'] }}</td>
                                <td>{{ implode(', ', $row['can']) }}</td>
                                <td>
                                    @if ($row['cannot'])
                                        <b>{{ implode(', ', $row['cannot']) }}</b>
                                    @else
                                        nothing
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <div>
            <section class="sheet">
                <h2>Worth buying</h2><x-do-not-buy />
                @if ($purchases === [])
                <p>No single spare would have made the last jobs quicker.</p>@else<ol>
                        @foreach ($purchases as $one)
                            <li><b>{{ $catalogue->part($one->kind)->name }}</b>: {{ (int) round($one->minutes) }} min
                                over
                                {{ $one->jobs }} {{ $one->jobs === 1 ? 'job' : 'jobs' }}</li>
                        @endforeach
                    </ol>
                @endif
                <p><small>The last jobs are advised again from their first start on, with the shelf as it is and with
                        one spare more that
                        fits.</small></p>
            </section>
            <section class="sheet">
                <h2>Idle for half a year</h2>
                @if ($idle->isEmpty())
                <p>Nothing.</p>@else<ul>
                        @foreach ($idle as $spare)
                            <li><a class="lent" href="{{ route('spares.show', $spare) }}">{{ $spare->tag }}</a>
                                {{ $spare->name }},
                                {{ shop()->money()->round($spare->value) }}</li>
                        @endforeach
                    </ul>
                @endif
            </section>
        </div>
    </div>
</x-layout>
