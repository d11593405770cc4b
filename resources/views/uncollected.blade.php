@php
    $money = shop()->money();
@endphp
<x-layout title="Not fetched" nav="counter">
    <div class="head">
        <h1>Not fetched</h1>
        <p>Machines that are ready. What may be asked for keeping one, and when it may be sold or scrapped, local law
            decides.</p>
        <a class="button" href="{{ route('day-sheet') }}">Day sheet</a>
    </div>
    <p class="notice" role="note">By the shop's terms storage is
        @if ($terms->perDay === 0)
            not charged.
        @else
            {{ $money->words($terms->perDay) }} a day before tax, from {{ $terms->after }} days after the first dated
            notice.
        @endif
        A notice is no leave to sell: ask someone who knows the law of the place first.
    </p>
    @forelse ($machines as $machine)
        <section class="sheet" id="{{ $machine->job->tag }}">
            <h2><span class="tag">{{ $machine->job->tag }}</span> {{ $machine->job->machine->model }},
                {{ $machine->job->machine->owner->name }}</h2>
            <p>Ready since {{ shop()->date($machine->since) }}, {{ (int) $machine->since->diffInDays(now()) }} days.
                @if ($machine->storageDays > 0)
                    Storage would be {{ $machine->storageDays }} days,
                    {{ $money->words(App\UseCases\Shop\StorageDue::gross($machine->storageDays)) }} with tax.
                @endif
            </p>
            <ul class="changes">
                @foreach ($machine->said as $message)
                    <li>{{ shop()->date($message->sent_at) }}: {{ $message->subject }}</li>
                @endforeach
                @foreach ($machine->notices as $notice)
                    <li>{{ shop()->date($notice->created_at) }}: dated notice, to be fetched by
                        {{ shop()->date($notice->until) }}, by {{ $notice->user->name }}
                        <a href="{{ route('uncollected.pdf', $notice) }}">PDF</a>
                    </li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('uncollected.notice', $machine->job) }}" class="in-line" novalidate>
                @csrf<input type="hidden" name="job" value="{{ $machine->job->tag }}"><label
                    for="u-{{ $machine->job->id }}">To be fetched by</label> <input id="u-{{ $machine->job->id }}"
                    name="until" type="date" value="{{ $until }}"> <button>Write a dated notice</button>
            </form>
            @if (old('job') === $machine->job->tag)
                @error('until')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            @endif
        </section>
    @empty
        <section class="sheet empty">
            <p>Every machine that is ready was fetched.</p>
        </section>
    @endforelse
</x-layout>
