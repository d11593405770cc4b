@php
    $money = shop()->money();
@endphp
<x-layout title="Day sheet" nav="counter">
    <div class="head">
        <h1>Day sheet, {{ shop()->date($day) }}</h1>
        <p>What came into the till and what was invoiced on the day.</p>
        <a class="button noprint" href="{{ route('uncollected') }}">Not fetched</a>
        <form method="get" action="{{ route('day-sheet') }}" class="in-line noprint"><label class="visually-hidden"
                for="d-day">Day</label><input id="d-day" type="date" name="day"
                value="{{ $day->format('Y-m-d') }}"><button>Show</button></form>
        <button class="main noprint" type="button" x-data="printer" x-on:click="print">Print</button>
    </div>
    <section class="sheet">
        <h2>Paid</h2>
        <table class="list">
            <tbody>
                @foreach ($books->payments as $payment)
                    <tr>
                        <td>{{ $payment->paid_at->format('H:i') }}</td>
                        <td>{{ $payment->job->tag }}, {{ $payment->job->machine->owner->name }}</td>
                        <td>{{ App\Models\Payment::METHODS[$payment->method] }} <small>{{ $payment->words }},
                                {{ $payment->user->name }}</small></td>
                        <td class="num">{{ $money->amount($payment->amount) }}</td>
                    </tr>
                @endforeach
                @foreach ($books->byMethod() as $method => $amount)
                    <tr>
                        <td colspan="3">{{ ucfirst(App\Models\Payment::METHODS[$method]) }}</td>
                        <td class="num">{{ $money->words($amount) }}</td>
                    </tr>
                @endforeach
                <tr>
                    <td colspan="3"><b>In all</b></td>
                    <td class="num"><b>{{ $money->words($books->paid()) }}</b></td>
                </tr>
            </tbody>
        </table>
    </section>
    <section class="sheet">
        <h2>Invoiced</h2>
        <table class="list">
            <tbody>
                @foreach ($books->invoices as $invoice)
                    <tr>
                        <td><a href="{{ route('invoices.show', $invoice) }}">{{ $invoice->number }}</a></td>
                        <td>{{ $invoice->job->tag }}, {{ $invoice->job->machine->owner->name }}</td>
                        <td>{{ $invoice->kind === 'credit' ? 'credit note' : '' }}</td>
                        <td class="num">{{ $money->amount($invoice->total) }}</td>
                    </tr>
                @endforeach
                <tr>
                    <td colspan="3"><b>In all</b>, of it tax {{ $money->words($books->invoiced()['tax']) }}</td>
                    <td class="num"><b>{{ $money->words($books->invoiced()['total']) }}</b></td>
                </tr>
            </tbody>
        </table>
    </section>
</x-layout>
