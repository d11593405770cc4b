@props(['option', 'first' => false])
@php
    $money = fn(int $minor): string => shop()->money()->amount($minor);
@endphp

{{-- One way on: what it costs in all, how likely it cures, and what it leaves. --}}
<tr @class(['first' => $first, 'end' => $option->end])>
    <td>
        @if ($option->canBeQuoted())
            <input type="checkbox" name="options[]" value="{{ $option->id }}"
                aria-label="{{ $option->name }} into the quote">
        @endif
    </td>
    <td><b>{{ $option->name }}</b>
        @if ($option->effects !== [] || $option->leaves !== [])
            <details @if ($first) open @endif>
                <summary>conditions, and what stays open</summary>
                @foreach ($option->effects as $effect)
                    <small>{{ $effect }}</small>
                @endforeach
                @foreach ($option->leaves as $leaves)
                    <small class="leaves">{{ $leaves }}</small>
                @endforeach
            </details>
        @endif
    </td>
    <td class="num"><b>{{ $money($option->expects->cost) }}</b>
        <small>{{ $money($option->expects->range[0]) }} to {{ $money($option->expects->range[1]) }}</small>
    </td>
    <td class="num">{{ $money($option->expects->outlay) }}</td>
    @php
        $cures = round(100 * $option->expects->cures, 1);
    @endphp

    <td class="cure"><svg class="share" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
            <rect class="meter-all" width="100" height="8" />
            <rect class="cured" width="{{ $cures }}" height="8" />
            <rect class="other" x="{{ $cures }}" width="{{ round(100 * max(0, $option->expects->other), 1) }}"
                height="8" />
        </svg>
        {{-- What repairs nothing leaves only the chance that nothing is wrong. --}}
        <span
            class="num">{{ $cures < 2.0 ? 'no' : \Orthoscope\Core\Plain\Percent::whole($option->expects->cures) . ' %' }}</span>
        @if ($option->expects->other >= 0.02)
            <small>and {{ \Orthoscope\Core\Plain\Percent::whole($option->expects->other) }} % need more</small>
        @endif
    </td>
    <td class="num">{{ $option->cost->minutes }}</td>
    <td class="num">
        {{ $option->cost->days[1] === 0 ? 'now' : $option->cost->days[0] . '–' . $option->cost->days[1] }}</td>
    <td class="num">{{ $option->promise->warrantyMonths > 0 ? $option->promise->warrantyMonths . ' m' : 'none' }}
    </td>
    <td class="num">{{ $option->promise->lasts > 0 ? $option->promise->lasts . ' y' : '' }}</td>
</tr>
