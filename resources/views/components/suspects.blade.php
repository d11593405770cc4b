@props(['page', 'job' => null])
@php
    $a = $page->assessment;
    $percent = \Orthoscope\Core\Plain\Percent::short(...);
@endphp
<ol>
    @foreach ($page->ranked() as $standing)
        <li data-part="{{ $standing->part->id }}{{ $standing->fitted }}">
            {{ App\View\Mark::of($standing->standing) }}
            <div>
                @php
                    $old =
                        $standing->fitted === null && isset($a->standings[$standing->part->id]->fitted)
                            ? ', the old one'
                            : '';
                @endphp
                <b>
                    @if ($job)
                        <a class="why" href="{{ route('why.part', [$job, $standing->part->id]) }}"
                            @if ($loop->first) data-first-why @endif>{{ $standing->part->name }}{{ $old }}</a>
                    @else
                        {{ $standing->part->name }}{{ $old }}
                    @endif
                </b>
                @if (!in_array($standing->fitted, [null, 'new'], true))
                    <span class="lent">{{ $standing->fitted }}</span>
                @endif
                <svg class="meter" viewBox="0 0 180 6" preserveAspectRatio="none" aria-hidden="true">
                    <rect class="meter-all" width="180" height="6" />
                    <rect class="meter-part" width="{{ max(2, round(180 * $standing->stated, 1)) }}" height="6" />
                </svg>
                <small>
                    @if ($faults = array_slice($a->faultsOf($standing->part->id), 0, 2))
                        @php
                            $named = array_map(
                                fn($f) => $f->fault->name . ' ' . $percent($standing->share($f->probability)),
                                $faults,
                            );
                        @endphp
                        {{ implode(' · ', $named) }}@else{{ $standing->words() }}
                    @endif
                </small>
                @if ($standing->because)
                    @php $entries = array_unique(array_map(fn($b) => $b->entry, $standing->because)); @endphp
                    <small class="because">{{ $standing->words() }}, {{ count($entries) === 1 ? 'entry' : 'entries' }}
                        {{ implode(', ', $entries) }}</small>
                @endif
            </div>
            <button type="button" class="what num"
                data-what="{{ App\View\WhatIs::suspect($standing->standing) }}">{{ $percent($standing->stated) }}
                %</button>
        </li>
    @endforeach
</ol>
