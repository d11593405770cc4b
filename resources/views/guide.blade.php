<x-layout :title="'Guide ' . $job->tag" nav="counter">
    <div class="head noprint">
        <h1>Guide for the post</h1>
        <p>Print it, put it in with the part.</p><button class="main" type="button" x-data="printer"
            x-on:click="print">Print</button><a class="button" href="{{ route('calls.show', $job) }}">Back to the call</a>
    </div>
    <article class="letter">
        <header>
            <x-letterhead />
            <div><span class="tag">{{ $job->tag }}</span></div>
        </header>
        <h1>How to change {{ $part->plain }}</h1>
        <p>{{ $job->machine->owner->name ? "For {$job->machine->owner->name}. " : '' }}Take your time, one step after
            the other. If anything
            is different from what stands here, stop and ring us with {{ $job->tag }}.</p>
        @if ($guide->caution)
            <p class="caution">{{ $guide->caution }}</p>
        @endif
        <ol>
            @foreach ($guide->steps as $step)
                <li>{{ $step }}</li>
            @endforeach
        </ol>
        <p>If it smells burnt, smokes or sparks: pull the plug, leave it, and ring us.</p>
    </article>
</x-layout>
