<x-layout :title="'Letter '.$job->tag">
    <div class="head noprint"><h1>Letter <span class="tag">{{ $job->tag }}</span></h1>
        @if ($closed)<p>The owner opens it here: <a class="address" href="{{ $address }}">{{ $address }}</a></p>@else<p>The job is open. This is how the letter reads now; its owner sees it once the job is closed.</p>@endif
        <button class="main" type="button" x-data="printer" x-on:click="print">Print</button></div>
    <x-letter :letter="$letter" :job="$job"/>
</x-layout>
