@php
    $months = $closing ? Orthoscope\Core\Plain\Many::of($closing->warrantyMonths, 'month') : '';
@endphp
<x-layout :title="'Back: ' . $job->tag" nav="counter">
    <div class="head"><a class="tag" href="{{ route('jobs.tag', $job) }}">{{ $job->tag }}</a>
        <h1>It came back</h1>
        <p>{{ $job->machine->model }} of
            {{ $job->machine->owner->name }}{{ $closing ? ", warranty then {$months}" : '' }}
        </p>
    </div>
    <form class="sheet collect" method="post" action="{{ route('comebacks.store', $job) }}" novalidate>@csrf
        <x-field name="text" label="What they say now, in their own words" area autofocus />
        <fieldset class="choices stack">
            <legend>What it does, as they tell it</legend>
            @foreach ($reaches as $reach)
                <label><input type="radio" name="reached" value="{{ $reach->id }}" @checked(old('reached') === $reach->id)>
                    {{ $reach->plain }}</label>
            @endforeach @error('reached')
            <p class="error">{{ $message }}</p>
        @enderror
    </fieldset>
    <x-manner />
    <p>It becomes a job of its own beside the first one. Promise no cause and no blame; say that it is looked at
        first.</p>
    <button class="main">Take it in again</button>
</form>
</x-layout>
