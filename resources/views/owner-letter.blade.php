<x-layout title="Your machine" bare>
    @if ($letter)<div class="noprint owner-tools" x-data="printer"><button type="button" x-on:click="print">Print this letter</button></div><x-letter :letter="$letter" :job="$job" heading/>
    @else<section class="sheet narrow"><h1>We are still at it</h1><p>Your machine, {{ $job->machine->model }}, is in our hands under the tag {{ $job->tag }}. When we are done, our letter stands here.</p><p>{{ config('shop.name') }}, {{ config('shop.phone') }}</p></section>@endif
</x-layout>
