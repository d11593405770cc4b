<x-pdf-page :title="$order->tag">
    <p><b>{{ shop()->name }}</b><br>{{ shop()->letterhead() }}</p>
    <p>{{ $order->supplier }}<br>{{ $order->from?->contact }}<br>{{ $order->from?->mail }}
        {{ $order->from?->phone }}</p>
    <h1>Order {{ $order->tag }}</h1>
    <p>{{ shop()->date($order->ordered_at ?? $order->created_at) }}@if (($order->from->customer_number ?? '') !== '')
            , our customer number {{ $order->from->customer_number }}
        @endif
    </p>
    <table class="lines">
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
</x-pdf-page>
