@props(['job' => null, 'card', 'number', 'first', 'once' => '', 'notes' => [], 'wait' => null])
{{-- A next step. Its outcomes are buttons; where there is no job, what is put into it does the step. --}}
@php
    $step = $card->step;
@endphp

@php
    $candidate = $step->candidate;
@endphp

<details class="step {{ $first ? 'first' : '' }}" data-step="{{ $number }}"
    @if ($first) open @endif>
    <summary class="step-head"><kbd>{{ $number }}</kbd>
        <h3>{{ $candidate->name() }}</h3><span class="num"
            data-what="{{ App\View\WhatIs::SAYS['minutes'] }}">{{ $step->minutes }} min</span>
    </summary>
    <p>{{ $step->why }} @if ($step->saves >= 1)
            <span class="saves">Worth about {{ (int) round($step->saves) }} min.</span>
        @endif
        @if ($candidate->spare)<span
                class="lent">{{ $candidate->spare->tag }}</span>
            @if ($step->moneyAtRisk >= 50)
                <span class="saves">{{ shop()->money()->words($step->moneyAtRisk) }} at
                    risk.</span>
            @endif
        @endif
        @if ($candidate->step->needs)
            <span class="saves">Needs: {{ implode(', ', $candidate->step->needs) }}.</span>
        @endif
    </p>
    <p class="why-line">
        @if ($job)
            <a href="{{ route('why.step', [$job, $candidate->id()]) }}">Why this?</a> ·
        @endif
        <a href="{{ route('book.page', array_filter(['step', $candidate->step->id, 'job' => $job?->tag])) }}">in the
            book</a>
    </p>
    @foreach ($notes as $note)
        <p class="margin-note">{{ $note->words }}
            <small>{{ $note->model === '' ? '' : $note->model . ' · ' }}{{ $note->user->name }}, <a
                    href="{{ route('book.page', explode('/', $note->page)) }}#margin">in the margin</a></small>
        </p>
    @endforeach
    @if ($job && $candidate->step->check === 'supply-sum')
        <p><a href="{{ route('jobs.supply', $job) }}">Add it up here</a></p>
    @endif
    @if ($job && $candidate->spare && $candidate->target?->kind->lendable)
        <p><a href="{{ route('jobs.donors', [$job, $candidate->target->id]) }}">Another spare?</a></p>
    @endif
    @if ($candidate->step->caution)
        <p class="caution">{{ $candidate->step->caution }}</p>
    @endif
    @unless ($job)
        {{ $slot }}
    @else
        <div class="outcomes">
            @foreach ($card->buttons as $i => $button)
                @php $chance = \Orthoscope\Core\Plain\Percent::whole($button['outcome']->probability); @endphp
                <x-record :job="$job" :written="$button['written']" :once="$once . '-' . $i" :key="$button['key']"
                    :dim="$i > 0"><b>{{ $button['outcome']->words }}</b><small
                        data-what="{{ App\View\WhatIs::SAYS['outcome'] }}">{{ $chance }}&nbsp;%
                        · {{ str_replace(' %', "\u{A0}%", $button['outcome']->meaning) }}</small></x-record>
            @endforeach
            @if ($card->isStart)
                <button type="button" class="outcome dim other" data-dialog="start" data-setup="{{ $card->setUp() }}"
                    @if ($card->act()) data-act="{{ $card->act() }}" @endif
                    data-name="{{ $candidate->name() }}" data-wait="{{ $wait->seconds }}" data-why="{{ $wait->why }}"
                    x-on:click="open"><b>more to say</b><small>signs, wait,
                        count</small></button>
            @elseif ($candidate->step->check)
                <button type="button" class="outcome dim other" data-dialog="check"
                    data-fill='@json(['entry[check]' => $candidate->step->check])' x-on:click="open"><b>more to say</b><small>values,
                        remark</small></button>
            @endif
        </div>
    @endunless
</details>
