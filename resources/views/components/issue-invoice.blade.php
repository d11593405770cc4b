@props(['job', 'to' => null])
<form class="sheet" method="post" action="{{ route('invoices.store', $job) }}" novalidate>@csrf
    <h2>Invoice</h2>
    <x-field name="to" label="Name and address on it" area :value="$to ?? $job->machine->owner->name" maxlength="400" within="inv" />
    <button>Issue it</button>
</form>
