<details class="order" @if ($errors->any() && old('order') === $order->tag) open @endif>
    <summary><span class="lent">{{ $order->tag }}</span> {{ $order->name }},
        <b>{{ App\Models\Order::STATES[$order->state] }}</b>
        @if ($order->state === 'ordered')<small>due
                {{ $order->due_at?->format('j M') }} @if ($order->due_at?->isPast())
                    <b class="danger">late</b>
                @endif
            </small>
            @endif @if ($order->state === 'held')
                <small>until {{ $heldFor }} is proved{{ $order->words === '' ? '' : ', ' . $order->words }}</small>
            @endif
    </summary>
    <p>{{ $order->supplier }}, {{ $order->condition }},
        @php
            $back = $order->return_until ? ', goes back until ' . $order->return_until->format('j M') : '';
        @endphp
        {{ shop()->money()->words($order->price) }}{{ $back }}.
        {{ $order->words }}</p>
    @if ($order->state === 'ordered')
        <form method="post" action="{{ route('orders.receive', $order) }}">@csrf<input type="hidden" name="order"
                value="{{ $order->tag }}">
            <p>When the parcel is here, open it and look. <small>The simulated one holds
                    <b>{{ $parcel }}.</b></small></p>
            <label for="s-{{ $order->id }}">Seen</label> <input id="s-{{ $order->id }}" name="words"
                maxlength="300" placeholder="remark" autocomplete="off"> @error('seen')
                <p class="error">{{ $message }}</p>
            @enderror
            <div class="outcomes"><button name="seen" value="fine">it is right</button><button name="seen"
                    value="wrong">wrong
                    thing</button><button name="seen" value="damaged">damaged</button></div>
        </form>
    @endif
    @if ($order->state === 'arrived' && $job && $order->part !== '')
        <x-record :job="$job" :written="json_encode([
            ['kind' => 'act', 'act' => 'replace', 'on' => [$order->part], 'with' => ['tag' => $order->tag]],
        ])" :once="'fit-' . $order->tag"><b>fitted</b><small>then start it: it is not
                trusted until
                proved</small></x-record>
    @endif
    @if (in_array($order->state, ['arrived', 'fitted'], true))
        <form method="post" action="{{ route('orders.dead', $order) }}" class="loan-back">@csrf<input type="hidden"
                name="order" value="{{ $order->tag }}"><label class="visually-hidden"
                for="d-{{ $order->id }}">How it was tried</label><input id="d-{{ $order->id }}" name="words"
                maxlength="300" placeholder="how it was tried, what it did" autocomplete="off"><button
                class="quiet">dead on arrival</button></form>
    @endif
    @if ($job && in_array($order->state, ['wrong', 'damaged', 'dead'], true))
        <p><a href="{{ route('claims.create', $job) }}">Claim it</a></p>
    @endif
    @if (in_array($order->state, App\Models\Order::UNSETTLED, true))
        <form method="post" action="{{ route('orders.give-up', $order) }}" class="loan-back">@csrf<input
                type="hidden" name="order" value="{{ $order->tag }}"><label class="visually-hidden"
                for="g-{{ $order->id }}">Why</label><input id="g-{{ $order->id }}" name="words"
                maxlength="300" placeholder="why" autocomplete="off"><button
                class="quiet">{{ in_array($order->state, ['held', 'ordered'], true) ? 'cancel it' : 'send it back' }}</button>
        </form>
    @endif
    @if (old('order') === $order->tag)
        @error('words')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
    @endif
</details>
