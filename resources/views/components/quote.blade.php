@props(['core', 'choose' => false, 'picked' => null])
@php
    $currency = shop()->money();
@endphp

@foreach ($core->variants as $variant)
    <section class="variant">
        @if ($choose)
            <label class="pick"><input type="radio" name="variant" value="{{ $variant->id }}"
                    @checked(old('variant', count($core->variants) === 1 ? $variant->id : '') === $variant->id)>
            <b>{{ $variant->id }}: {{ $variant->name }}</b></label>@else<h2>{{ $variant->id }}:
                {{ $variant->name }}</h2>
        @endif
        <table class="list">
            @foreach ($variant->lines as $line)
                <tr>
                    <td>{{ $line->count > 1 ? $line->count . ' x ' : '' }}{{ $line->what }}</td>
                    <td class="num">{{ $currency->words($line->net()) }}</td>
                </tr>
            @endforeach
            <tr>
                <td>Tax, {{ $variant->tax / 100 }} %</td>
                <td class="num">{{ $currency->words($variant->tax()) }}</td>
            </tr>
            <tr class="total">
                <th scope="row">Total</th>
                <td class="num"><b>{{ $currency->words($variant->total()) }}</b></td>
            </tr>
            @if ($core->deposit($variant)->minor > 0)
                <tr>
                    <td>To pay before we order</td>
                    <td class="num">{{ $currency->words($core->deposit($variant)) }}</td>
                </tr>
            @endif
        </table>
        @if ($variant->promise !== '')
            <p>{{ $variant->promise }}</p>
        @endif
        @if ($variant->limits !== '')
            <p class="limits"><b>Please note:</b> {{ $variant->limits }}</p>
        @endif
    </section>
@endforeach
@if ($core->words !== '')
    <p>{{ $core->words }}</p>
@endif
