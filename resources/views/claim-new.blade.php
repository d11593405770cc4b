<x-layout :title="'Claim '.$job->tag" nav="comebacks">
    <div class="head"><a class="tag" href="{{ route('jobs.show', $job) }}">{{ $job->tag }}</a><h1>Claim a part</h1><p>The evidence is made from the record. An opened or damaged part gets refused: leave seals alone.</p></div>
    <form class="sheet collect" method="post" action="{{ route('claims.store', $job) }}" novalidate>@csrf
        <div class="field"><label for="c-what">What goes back</label><select id="c-what" name="what">
            @foreach ($job->orders as $order)@if ($order->part !== '')<option value="{{ $order->part }}|{{ $order->tag }}" @selected(old('what') === $order->part.'|'.$order->tag)>{{ $order->tag }} {{ $order->name }}, {{ App\Models\Order::STATES[$order->state] }}</option>@endif @endforeach
            @foreach ($assessment->standings as $standing)@if (! $standing->part->kind->link && $standing->part->kind->price > 0)<option value="{{ $standing->part->id }}|" @selected(old('what') === $standing->part->id.'|')>{{ $standing->part->name }} of the machine, {{ $standing->standing->words() }}</option>@endif @endforeach</select>@error('what')<p class="error">{{ $message }}</p>@enderror @error('part')<p class="error">{{ $message }}</p>@enderror</div>
        <x-field name="to" label="To whom" maxlength="120" autocomplete="off" hint="taken from the order where there is one"/>
        <x-field name="reason" label="Why" area maxlength="400"/>
        <x-field name="deadline" label="Last day it can go back" type="date"/>
        <label class="tick"><input type="checkbox" name="parcel" value="1" @checked(old('parcel'))> It was damaged in the parcel: the carrier is told within its time limit, seven days unless its terms say otherwise</label>@error('parcel')<p class="error" role="alert">{{ $message }} <a href="{{ route('photos.index', $job) }}">Photographs</a></p>@enderror
        <p><small>Photograph before anything is moved, and keep the wrapping.</small></p>
        <button class="main">Open the claim</button>
    </form>
</x-layout>
