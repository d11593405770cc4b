<x-layout title="Calls" nav="counter">
    <div class="head">
        <h1>Calls</h1>
        <p>Machines that were only spoken of</p>
    </div>
    <section class="sheet begin">
        <form method="post" action="{{ route('calls.store') }}" class="row3">@csrf
            <x-field name="name" label="Name, if said" autocomplete="off" autofocus />
            <x-field name="phone" label="Telephone, if said" type="tel" autocomplete="off" />
            <button class="main">Someone is on the telephone</button>
        </form>
    </section>
    @if ($calls->isEmpty())
        <section class="sheet empty">
            <p>No call waits. One begins with a name, a number or nothing at all.</p>
        </section>
    @else
        <section class="sheet">
            <table class="list">
                <thead>
                    <tr>
                        <th>Number</th>
                        <th>Caller</th>
                        <th>Machine</th>
                        <th>State</th>
                        <th>Next</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($calls as $call)
                        <tr>
                            <td><a class="tag" href="{{ route('calls.show', $call->job) }}">{{ $call->job->tag }}</a>
                            </td>
                            <td>{{ $call->job->machine->owner->name ?: 'no name' }}<br>
                                <small>{{ $call->job->machine->owner->phone }}</small>
                            </td>
                            <td>{{ $call->job->machine->model }}</td>
                            @php
                                $stands = $call->isOver()
                                    ? $call->outcome?->words()
                                    : ($call->state === 'paused'
                                        ? 'Paused: open it to go on'
                                        : 'Talking');
                            @endphp
                            <td>{{ $stands }}
                                @if ($call->slot_at)
                                    <br><small>{{ $call->slot_at->format('j M, H:i') }}</small>
                                @endif
                            </td>
                            <td><a href="{{ route('arrival.create', $call->job) }}">the machine arrives</a></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-layout>
