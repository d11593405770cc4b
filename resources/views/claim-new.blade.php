@php
    $chosen = old('what', $suggested);
@endphp

<x-layout :title="'Claim ' . $job->tag" nav="comebacks">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Claim a part</h1>
        <p>The evidence is made from the record. An opened or damaged part gets refused: leave seals alone.</p>
    </div>
    <form class="sheet collect" method="post" action="{{ route('claims.store', $job) }}" novalidate
        x-data="claim">@csrf
        <div class="field"><label for="c-what">What goes back</label><select id="c-what" name="what" x-ref="what"
                x-on:change="choose">
                <option value="">choose</option>
                @foreach ($job->orders as $order)
                    @if ($order->part !== '')
                        <option value="{{ $order->part }}|{{ $order->tag }}"
                            data-reason="{{ $order->state === 'dead' ? $order->words : '' }}"
                            @selected($chosen === $order->part . '|' . $order->tag)>
                            {{ $order->tag }} {{ $order->name }}, {{ App\Models\Order::STATES[$order->state] }}
                        </option>
                    @endif
                @endforeach
                @foreach ($parts as $one)
                    <option value="{{ $one->standing->part->id }}|" data-reason="{{ $one->reason() }}"
                        @selected($chosen === $one->standing->part->id . '|')>
                        {{ $one->standing->part->name }} of the machine, {{ $one->standing->standing->words() }}
                    </option>
                @endforeach
            </select>
            @error('what')
                <p class="error">{{ $message }}</p>
                @enderror @error('part')
                <p class="error">{{ $message }}</p>
            @enderror
        </div>
        <x-field name="to" label="To whom" maxlength="120" autocomplete="off"
            hint="taken from the order where there is one" />
        <x-field name="reason" label="Why" area maxlength="400"
            hint="written from the record; change it as you like" />
        <x-field name="deadline" label="Last day it can go back" type="date" />
        <label class="tick"><input type="checkbox" name="parcel" value="1" @checked(old('parcel'))> It was
            damaged in the
            parcel: the carrier is told within its time limit, seven days unless its terms say otherwise</label>
        @error('parcel')
            <p class="error" role="alert">{{ $message }} <a
                    href="{{ route('photos.index', $job) }}">Photographs</a></p>
        @enderror
        <p><small>Photograph before anything is moved, and keep the wrapping.</small></p>
        <button class="main">Open the claim</button>
    </form>
</x-layout>
