<x-layout title="Orders" nav="shelf">
    <div class="head">
        <h1>Orders</h1>
        <p>Parts on their way, here and not tried, and those that go back</p><a class="button"
            href="{{ route('shelf') }}">Shelf</a>
    </div>
    <x-do-not-buy />
    @if ($open->isEmpty())
        <section class="sheet empty">
            <p>Nothing is on order. Parts are ordered where it is decided on a job.</p>
        </section>
    @else
        <section class="sheet">
            @foreach ($open as $order)
                <div class="order-row"><a class="tag"
                        href="{{ $order->job ? route('jobs.decide', $order->job) : '#' }}">{{ $order->job?->tag }}</a><x-order-line
                        :order="$order" :job="$order->job" /></div>
            @endforeach
        </section>
    @endif
    <section class="sheet"><x-order-by-hand :suppliers="$suppliers" :action="route('orders.for-shelf')" :kinds="$kinds" /></section>
    @if ($done->isNotEmpty())
        <section class="sheet">
            <h2>Done</h2>
            <table class="list">
                <thead>
                    <tr>
                        <th scope="col">Order</th>
                        <th scope="col">What</th>
                        <th scope="col">For</th>
                        <th scope="col">Became</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($done as $order)
                        <tr>
                            <td><span class="lent">{{ $order->tag }}</span></td>
                            <td>{{ $order->name }}, {{ $order->supplier }}</td>
                            <td>{{ $order->job?->tag }}</td>
                            <td>{{ App\Models\Order::STATES[$order->state] }} <small>{{ $order->words }}</small></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-layout>
