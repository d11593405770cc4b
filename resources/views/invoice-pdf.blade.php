<x-pdf-page :title="$invoice->number">
    <p><b>{{ $invoice->body['shop']['name'] }}</b><br>{{ $invoice->body['shop']['letterhead'] }}</p>
    <p class="to">{!! nl2br(e($invoice->body['to'])) !!}</p>
    <x-invoice :invoice="$invoice" />
    <x-shop-text id="invoice-end" :job="$invoice->job" />
</x-pdf-page>
