@php
    $money = shop()->money();
    $sum = $books->invoiced();
    $span = ['from' => $books->from->format('Y-m-d'), 'to' => $books->to->format('Y-m-d')];
@endphp
<x-layout title="Books" nav="shop">
    <x-shop-frame at="books" />
    <div class="head">
        <h1>Books</h1>
        <p>What was invoiced and paid. Numbers have no gap, and nothing is changed: a mistake is taken back.</p>
        <a class="button" href="{{ route('day-sheet') }}">Day sheet</a>
        <a class="button" href="{{ route('books.invoices', $span) }}">Invoices, CSV</a>
        <a class="button" href="{{ route('books.payments', $span) }}">Payments, CSV</a>
    </div>
    <form class="sheet" method="get" action="{{ route('books') }}">
        <div class="triple"><x-field name="from" label="From" type="date" :value="$span['from']" />
            <x-field name="to" label="To" type="date" :value="$span['to']" />
            <div class="field"><button>Show</button></div>
        </div>
        <p>
            @foreach ($spans as $words => [$first, $last])
                @php
                    $of = ['from' => $first->format('Y-m-d'), 'to' => $last->format('Y-m-d')];
                @endphp
                <a href="{{ route('books', $of) }}">{{ $words }}</a>{{ $loop->last ? '' : ' · ' }}
            @endforeach
        </p>
        <p>Invoiced <b class="num">{{ $money->words($sum['total']) }}</b>, of it tax <b
                class="num">{{ $money->words($sum['tax']) }}</b>; paid <b
                class="num">{{ $money->words($books->paid()) }}</b>.</p>
    </form>
    @if ($open !== [])
        <section class="sheet">
            <h2>Still open</h2>
            <table class="list">
                <tbody>
                    @foreach ($open as $one)
                        <tr>
                            <td><a
                                    href="{{ route('invoices.show', $one['invoice']) }}">{{ $one['invoice']->number }}</a>
                            </td>
                            <td>{{ $one['invoice']->job->machine->owner->name }}, {{ $one['invoice']->job->tag }}</td>
                            <td>{{ shop()->date($one['invoice']->issued_at) }}</td>
                            <td class="num"><b>{{ $money->words($one['open']) }}</b></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
    <section class="sheet">
        <table class="list">
            <thead>
                <tr>
                    <th scope="col">Number</th>
                    <th scope="col">Issued</th>
                    <th scope="col">For</th>
                    <th scope="col" class="num">Net</th>
                    <th scope="col" class="num">Tax</th>
                    <th scope="col" class="num">In all</th>
                </tr>
            </thead>
            <tbody>
                @forelse ($books->invoices as $invoice)
                    <tr @class(['gone' => $invoice->takenBackBy !== null])>
                        <td><a href="{{ route('invoices.show', $invoice) }}">{{ $invoice->number }}</a>
                            @if ($invoice->kind === 'credit')
                                <small>credit note</small>
                            @elseif ($invoice->takenBackBy)
                                <small>taken back</small>
                            @endif
                        </td>
                        <td>{{ shop()->date($invoice->issued_at) }}</td>
                        <td>{{ $invoice->job->machine->owner->name }}, {{ $invoice->job->tag }}</td>
                        <td class="num">{{ $money->amount($invoice->net) }}</td>
                        <td class="num">{{ $money->amount($invoice->tax) }}</td>
                        <td class="num">{{ $money->amount($invoice->total) }}</td>
                    </tr>
                @empty
                    <tr>
                        <td colspan="6">No invoice in these days. One is issued when a machine is handed over.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </section>
    <p class="notice" role="note">Electronic invoice formats are not made: no kept library for them
        is to be had. There are the PDF and the CSV.</p>
</x-layout>
