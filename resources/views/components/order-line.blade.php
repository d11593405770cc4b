@php
    $isOpen = ($errors->any() && old('order') === $order->tag) || request('open') === $order->tag;
@endphp
<details class="order" id="{{ $order->tag }}" @if ($isOpen) open @endif>
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
    <p>{{ $order->supplier }}{{ $order->number === '' ? '' : " ({$order->number})" }}, {{ $order->condition }},
        @php
            $back = $order->return_until ? ', goes back until ' . $order->return_until->format('j M') : '';
        @endphp
        {{ shop()->money()->words($order->price) }}{{ $back }}.
        {{ $order->words }}</p>
    @if ($order->supplier_id !== null && in_array($order->state, ['held', 'ordered'], true))
        <p><a class="button" href="{{ route('orders.sheet', $order) }}">Order sheet</a></p>
        <form method="post" action="{{ route('orders.mail', $order) }}">@csrf<input type="hidden" name="order"
                value="{{ $order->tag }}"><button class="quiet">mail it to {{ $order->supplier }}</button></form>
        @if (old('order') === $order->tag)
            @error('mail')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
        @endif
    @endif
    @if ($order->state === 'back' && $order->supplier_id !== null && $order->credited_at === null)
        <form method="post" action="{{ route('orders.credit', $order) }}" class="loan-back" novalidate>@csrf<input
                type="hidden" name="order" value="{{ $order->tag }}"><label for="cn-{{ $order->id }}">Credit
                note</label> <input id="cn-{{ $order->id }}" name="credit_number" maxlength="40"
                placeholder="its number" autocomplete="off"> <label class="visually-hidden"
                for="ca-{{ $order->id }}">Amount</label><input id="ca-{{ $order->id }}" name="credit"
                value="{{ shop()->money()->typed($order->price) }}" inputmode="decimal" autocomplete="off"><button
                class="quiet">it came</button></form>
        @if (old('order') === $order->tag)
            @foreach (['credit_number', 'credit'] as $field)
                @error($field)
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            @endforeach
        @endif
    @endif
    @if ($order->state === 'ordered')
        <form method="post" action="{{ route('orders.receive', $order) }}">@csrf<input type="hidden" name="order"
                value="{{ $order->tag }}">
            <p>When the parcel is here, open it and look. @if ($parcel !== null)
                    <small>The simulated one holds <b>{{ $parcel }}.</b></small>
                @endif
            </p>
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
