<x-layout :title="'Collect ' . $job->tag" nav="counter">
    <x-job-frame :job="$job" at="hand-back" />
    <div class="head">
        <h1>Hand it over</h1>

    </div>
    @if ($record->collection())
        <p class="notice" role="note">It was collected already.</p>
    @endif
    @if ($warning !== [])
        <div class="lock" role="alert"><b>Do not switch it on.</b> {{ implode(' ', array_slice($warning, 1)) }}
            <span>Read it to them, and
                give them the printed warning: <a href="{{ route('jobs.tag', $job) }}">print it</a>.</span>
        </div>
    @endif
    <form class="sheet collect" method="post" action="{{ route('collect.store', $job) }}" novalidate>@csrf<input
            type="hidden" name="once" value="{{ old('once', (string) \Illuminate\Support\Str::uuid()) }}">
        <x-field name="reference" label="Number on their receipt" autocomplete="off" autofocus
            hint="scan it, or type it as they show it" />
        @if ($with !== [])
            <fieldset class="choices stack">
                <legend>Goes with it</legend>
                @foreach ($with as $item)
                    <label><input type="checkbox" name="with[]" value="{{ $item }}"
                            @checked(in_array($item, (array) old('with', []), true))>
                        {{ $item }}</label>
                @endforeach
            </fieldset>
            <x-field name="left" label="What stays here, and why" maxlength="300" autocomplete="off" />
        @endif
        <p>To pay: <b class="num">{{ shop()->money()->words(max(0, $price->minor - $before)) }}</b>
            @if ($before !== 0)
                <small>{{ shop()->money()->words($before) }} of {{ shop()->money()->words($price) }} was paid
                    before.</small>
            @endif
            @if ($invoice)
                <a href="{{ route('invoices.show', $invoice) }}">Invoice {{ $invoice->number }}</a>
            @endif
        </p>
        @if ($storageDays > 0)
            @php
                $storage = shop()->money()->words(App\UseCases\Shop\StorageDue::gross($storageDays));
            @endphp
            <label class="tick"><input type="checkbox" name="storage" value="1" @checked(old('storage') === '1')>
                Charge
                storage: {{ $storageDays }} days, {{ $storage }} with tax. Local law decides whether it may be
                asked.</label>
        @endif
        <fieldset class="choices">
            <legend>Paid</legend>
            @foreach (Orthoscope\Core\Evidence\Collection::METHODS as $method => $words)
                @php
                    $picked = old('method', $price->minor - $before <= 0 ? 'none' : '');
                @endphp
                <label><input type="radio" name="method" value="{{ $method }}" @checked($picked === $method)>
                    {{ $words }}</label>
            @endforeach @error('method')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
    </fieldset>
    <x-field name="amount" :label="'Amount, ' . shop()->money()->sign . ', if it is another'" inputmode="decimal" autocomplete="off" />
    @if ($price->minor > 0 || $storageDays > 0)
        <x-field name="to" label="Name and address on the invoice" area :value="$job->machine->owner->name" maxlength="400" />
    @endif
    <p class="caution">Two people lift what is heavy. Tell them what the letter says to watch for.</p>
    <button class="main">Hand over</button>
</form>
</x-layout>
