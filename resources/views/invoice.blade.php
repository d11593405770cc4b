@php
    $money = shop()->money();
    $paid = $payments->sum('amount');
    $holds = $invoice->kind === 'invoice' && $invoice->takenBackBy === null;
    $open = $holds ? $invoice->total - $paid : 0;
@endphp
<x-layout :title="$invoice->number" nav="counter">
    <div class="head noprint">
        <h1>{{ $invoice->kind === 'credit' ? 'Credit note' : 'Invoice' }}</h1>
        <p>
            @if ($invoice->takenBackBy)
                Taken back by <a
                    href="{{ route('invoices.show', $invoice->takenBackBy) }}">{{ $invoice->takenBackBy->number }}</a>.
            @elseif (!$holds)
                It takes back <a
                    href="{{ route('invoices.show', $invoice->takesBack) }}">{{ $invoice->takesBack->number }}</a>.
            @elseif ($open > 0)
                <b class="danger">{{ $money->words($open) }} is still open.</b>
            @else
                Paid.
            @endif
        </p>
        <a class="button" href="{{ route('invoices.pdf', $invoice) }}">PDF</a>
        <a class="button" href="{{ route('jobs.letter', $invoice->job) }}">Letter</a>
        <a class="button" href="{{ route('day-sheet') }}">Day sheet</a>
        <button class="main" type="button" x-data="printer" x-on:click="print">Print</button>
    </div>
    <div class="letter-page">
        <article class="letter">
            <header>
                <x-letterhead />
                <p class="right">{!! nl2br(e($invoice->body['to'])) !!}</p>
            </header>
            <x-invoice :invoice="$invoice" />
            @foreach ($payments as $payment)
                <p>{{ $payment->amount < 0 ? 'Given back' : 'Paid' }} {{ $money->words(abs($payment->amount)) }},
                    {{ App\Models\Payment::METHODS[$payment->method] }},
                    {{ shop()->date($payment->paid_at) }}{{ $payment->words === '' ? '' : ', ' . $payment->words }}
                </p>
            @endforeach
            <x-shop-text id="invoice-end" :job="$invoice->job" />
        </article>
        <aside class="noprint">
            <form class="sheet" method="post" action="{{ route('payments.store', $invoice->job) }}" novalidate>@csrf
                <h2>Money</h2>
                <x-payment-fields :amount="$open > 0 ? $money->typed($open) : ''" />
                <button>Book it</button>
            </form>
            @if ($holds && auth()->user()->can('lead'))
                <form class="sheet" method="post" action="{{ route('invoices.take-back', $invoice) }}" novalidate>
                    @csrf
                    <h2>It is wrong</h2>
                    <p>An invoice is never changed. A credit note with the next number takes it back; a right one is
                        issued from the job then.</p>
                    <x-field name="why" label="What was wrong with it" maxlength="200" autocomplete="off" />
                    <button>Take it back</button>
                </form>
            @endif
            @if ($invoice->takenBackBy && $invoice->kind === 'invoice')
                <x-issue-invoice :job="$invoice->job" :to="$invoice->body['to']" />
            @endif
        </aside>
    </div>
</x-layout>
