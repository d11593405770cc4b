<x-layout title="Comebacks" nav="comebacks">
    <div class="head">
        <h1>Comebacks</h1>
        <p>Machines that came back, and parts that go back</p>
    </div>
    <section class="sheet">
        <h2>Machines</h2>
        @if ($back->isEmpty())
            <p>None came back. One that does is taken in from its first job: “It came back” on its tag.</p>
        @else
            <table class="list">
                <thead>
                    <tr>
                        <th scope="col">Job</th>
                        <th scope="col">Machine</th>
                        <th scope="col">Came back</th>
                        <th scope="col">Waits for</th>
                        <th scope="col">Whose it was</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($back as $job)
                        <tr>
                            <td><a class="tag" href="{{ route('comebacks.show', $job) }}">{{ $job->tag }}</a>
                            </td>
                            <td>{{ $job->machine->model }}<br><small>{{ $job->machine->owner->name }}</small></td>
                            <td>{{ shop()->date($job->created_at) }}@if ($first = $firsts[$job->comeback_of] ?? null)
                                    <br><small>{{ $first->back_after }} {{ $first->back_after === 1 ? 'day' : 'days' }}
                                        after <a
                                            href="{{ route('find', ['q' => $first->tag]) }}">{{ $first->tag }}</a></small>
                                @endif
                            </td>
                            <td>{{ $job->state()->words() }}</td>
                            <td>{{ App\UseCases\Jobs\ComeBack::BLAME[$job->comeback['blame'] ?? 'open'] }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <x-pages :of="$back" />
        @endif
    </section>
    <section class="sheet">
        <h2>Parts at suppliers</h2>
        @if ($claims->isEmpty())
            <p>No claim is open. One begins where a job is decided: “Claim a part”.</p>
        @else
            <table class="list">
                <thead>
                    <tr>
                        <th scope="col">Claim</th>
                        <th scope="col">Part</th>
                        <th scope="col">To</th>
                        <th scope="col">Rounds</th>
                        <th scope="col">State</th>
                        <th scope="col">Next</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($claims as $claim)
                        <tr>
                            <td><a href="{{ route('claims.show', $claim) }}">Claim {{ $claim->id }}</a> <span
                                    class="tag">{{ $claim->job->tag }}</span></td>
                            <td>{{ $claim->part_tag !== '' ? $claim->part_tag . ', ' : '' }}{{ $partName($claim) }}
                            </td>
                            <td>{{ $claim->to }}</td>
                            <td class="num">{{ count($claim->rounds) }}</td>
                            <td>{{ App\Models\SupplierClaim::STATES[$claim->state] }}</td>
                            <td>
                                @if ($claim->next_at)
                                    {{ $claim->next_at->format('j M') }}@if ($claim->next_at->isPast() && !$claim->next_at->isToday())
                                        <b class="danger">late</b>
                                    @endif
                                    @endif @if ($claim->deadline && in_array($claim->state, ['open', 'sent'], true))
                                        <small>deadline {{ $claim->deadline->format('j M') }}</small>
                                    @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </section>
</x-layout>
