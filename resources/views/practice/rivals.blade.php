{{-- What others make of the same machine: a piece of the debrief. --}}
<table class="list rivals">
    <thead>
        <tr>
            <th scope="col">who</th>
            <th scope="col" class="num">min</th>
            <th scope="col">ends</th>
        </tr>
    </thead>
    <tbody>
        <tr>
            <th scope="row">{{ $mine ? 'you' : $practice->user->name }}, with the repair</th>
            <td class="num">{{ $debrief->minutes + ($debrief->right ? $debrief->repair : 0) }}</td>
            <td>{{ $debrief->right ? 'named it' : 'named another part' }}</td>
        </tr>
        @foreach ($rivals->others as $rival)
            <tr>
                <th scope="row">{{ $rival->name }}</th>
                <td class="num">{{ $rival->minutes }}</td>
                <td>{{ $rival->end() }}
                </td>
            </tr>
        @endforeach
        <tr>
            <th scope="row">one who knows</th>
            <td class="num">{{ $rivals->clairvoyant }}</td>
            <td>mends it</td>
        </tr>
    </tbody>
</table>
<p><small>The others’ minutes go on until it is proved.</small></p>
