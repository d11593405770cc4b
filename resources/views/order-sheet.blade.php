<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $order->tag }}</title>
    <style>
        @page {
            margin: 22mm 20mm;
        }

        body {
            color: #20272a;
            font-family: 'DejaVu Sans', sans-serif;
            font-size: 10.5pt;
            line-height: 1.45;
        }

        h1 {
            font-size: 15pt;
            margin: 14pt 0 6pt;
        }

        table {
            border-collapse: collapse;
            width: 100%;
        }

        td,
        th {
            border-bottom: 0.5pt solid #999;
            padding: 4pt 6pt 4pt 0;
            text-align: left;
        }

        .num {
            text-align: right;
        }
    </style>
</head>

<body>
    @if ($logo = shop()->logoAddress())
        <img src="{{ $logo }}" alt="" style="max-height: 16mm; max-width: 60mm;">
    @endif
    <p><b>{{ shop()->name }}</b><br>{{ shop()->letterhead() }}</p>
    <p>{{ $order->supplier }}<br>{{ $order->from?->contact }}<br>{{ $order->from?->mail }}
        {{ $order->from?->phone }}</p>
    <h1>Order {{ $order->tag }}</h1>
    <p>{{ shop()->date($order->ordered_at ?? $order->created_at) }}@if (($order->from->customer_number ?? '') !== '')
            , our customer number {{ $order->from->customer_number }}
        @endif
    </p>
    <table>
        <tr>
            <th>Number</th>
            <th>What</th>
            <th class="num">Count</th>
            <th class="num">Each, before tax</th>
        </tr>
        <tr>
            <td>{{ $order->number === '' ? '–' : $order->number }}</td>
            <td>{{ $order->name }}, {{ $order->condition }}</td>
            <td class="num">1</td>
            <td class="num">{{ shop()->money()->words($order->price) }}</td>
        </tr>
    </table>
    <p>Please write {{ $order->tag }} on the parcel. Ordered by {{ $order->user->name }}.</p>
</body>

</html>
