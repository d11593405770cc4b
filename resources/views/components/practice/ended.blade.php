@props(['practices', 'who' => false])
<div class="wide-table" tabindex="0" role="group" aria-label="Machines looked back at">
    <table class="list">
        <thead>
            <tr>
                @if ($who)
                    <th scope="col">Who</th>
                @endif
                <th scope="col">Machine</th>
                <th scope="col">Verdict</th>
                <th scope="col" class="num">Points</th>
                <th scope="col" class="num">Minutes</th>
                <th scope="col">Adviser</th>
                <th scope="col">When</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($practices as $practice)
                <tr>
                    @if ($who)
                        <td>{{ $practice->user->name }}</td>
                    @endif
                    <td><a href="{{ route('practice.debrief', $practice) }}">{{ $practice->core()->name }}</a></td>
                    <td>{{ $practice->right ? 'named' : 'missed' }}{{ $practice->passed ? ', test passed' : '' }}</td>
                    <td class="num">{{ $practice->points }}</td>
                    <td class="num">{{ $practice->minutes }}</td>
                    <td>{{ $practice->advice === 'asked' ? "asked {$practice->asked} times" : $practice->advice }}</td>
                    <td>{{ $practice->ended_at->format('j M H:i') }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
