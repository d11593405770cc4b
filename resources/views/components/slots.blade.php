@props(['machine', 'arrangement'])
@php
    $in = [];
@endphp

@foreach ($machine->ofKind('stick') as $stick)
    @php
        $slot = $machine->slotOf($stick->id, $arrangement->setUp);
    @endphp
    @if ($slot !== null)
        @php
            $in[$slot] = $stick;
        @endphp
    @endif
@endforeach
@php
    $spoken = implode(
        ', ',
        array_map(
            fn($slot) => isset($in[$slot->id]) ? "{$in[$slot->id]->name} in {$slot->name}" : "{$slot->name} empty",
            $machine->ofKind('slot'),
        ),
    );
@endphp
<svg class="slots" viewBox="0 0 {{ 46 * count($machine->ofKind('slot')) }} 46" role="img"
    aria-label="{{ $spoken }}">
    @foreach ($machine->ofKind('slot') as $i => $slot)
        <g transform="translate({{ 46 * $i }} 0)">
            <rect @class(['slot', 'full' => isset($in[$slot->id])]) x="3" y="2" width="36" height="24" rx="3" />
            @isset($in[$slot->id])
                <text class="stick" x="21" y="19">{{ preg_replace('/^\D+/', '', $in[$slot->id]->name) }}</text>
            @endisset
            <text x="21" y="41">{{ preg_replace('/^Slot /', '', $slot->name) }}</text>
        </g>
    @endforeach
</svg>
