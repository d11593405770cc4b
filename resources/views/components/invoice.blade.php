{{-- An invoice or a credit note, as it was issued: nothing of it is worked out anew. --}}
@props(['invoice'])
@php
    $money = shop()->money();
    $body = $invoice->body;
    $sign = $invoice->kind === 'credit' ? -1 : 1;
    $title = $invoice->kind === 'credit' ? 'Credit note' : 'Invoice';
@endphp
<h1>{{ $title }} {{ $invoice->number }}</h1>
<p>{{ shop()->date($invoice->issued_at) }}, for {{ $body['for'] }}</p>
@if ($invoice->kind === 'credit')
    <p>It takes back invoice {{ $invoice->takesBack?->number }}: {{ $body['why'] }}</p>
@endif
<table class="list lines">
    <thead>
        <tr>
            <th scope="col">What</th>
            <th scope="col" class="num">Count</th>
            <th scope="col" class="num">Each</th>
            <th scope="col" class="num">Net</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($body['lines'] as $line)
            <tr>
                <td>{{ $line['what'] }}</td>
                <td class="num">{{ $line['count'] }}</td>
                <td class="num">{{ $money->amount($line['each']) }}</td>
                <td class="num">{{ $money->amount($sign * $line['count'] * $line['each']) }}</td>
            </tr>
        @endforeach
        <tr>
            <td colspan="3">Before tax</td>
            <td class="num">{{ $money->words($invoice->net) }}</td>
        </tr>
        <tr>
            <td colspan="3">Tax, {{ $body['rate'] / 100 }} %</td>
            <td class="num">{{ $money->words($invoice->tax) }}</td>
        </tr>
        <tr>
            <td colspan="3"><b>In all</b></td>
            <td class="num"><b>{{ $money->words($invoice->total) }}</b></td>
        </tr>
    </tbody>
</table>
