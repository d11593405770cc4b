@props(['page'])
{{-- Slots, outputs and ports as drawn places; what stands in them is dragged, or moved by the arrow keys. It fills the choices below. --}}
@php
    $rows = $page->side->bays();
@endphp

@if ($rows !== [])
    <div class="slotboard" data-slotboard>
        @foreach ($rows as $row)
            <div class="bays" data-row role="group" aria-label="{{ $row['name'] }}"><span
                    class="row-name">{{ $row['name'] }}</span>
                @foreach ($row['bays'] as $bay => $name)
                    <div class="bay {{ $bay === 'out' ? 'tray' : '' }}" data-bay="{{ $bay }}">
                        <span>{{ $name }}</span>
                    </div>
                @endforeach
                @foreach ($row['chips'] as $chip)
                    <button type="button" class="chip" data-chip data-for="{{ $chip['select'] }}"
                        data-home="{{ $chip['home'] }}" data-name="{{ $chip['name'] }}"
                        aria-label="{{ $chip['name'] }}">{{ $chip['short'] }}</button>
                @endforeach
            </div>
        @endforeach
        <p class="source">Drag, or step to one with Tab and move it with ← and →. <span data-said role="status"></span>
        </p>
    </div>
@endif
