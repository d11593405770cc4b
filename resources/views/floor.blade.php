<x-layout title="Floor" nav="floor">
    <div class="head">
        <h1>Floor</h1>
        <p>{{ $floor->open() }} {{ $floor->open() === 1 ? 'machine' : 'machines' }} in the shop</p><a class="button"
            href="{{ route('diary') }}">Diary</a><a class="button" href="{{ route('messages') }}">Messages</a>
        @can('work-at-bench')
            <a class="button" href="{{ route('orders') }}">Orders</a>
        @endcan
        <a class="button" href="{{ route('day-sheet') }}">Day sheet</a>
        <a class="button" href="{{ route('wall') }}">Wall</a><a class="button" href="{{ route('intake.create') }}">
            Take one in</a>
    </div>
    @if (shop()->isDemo() && !auth()->user()->toured && auth()->user()->can('work-at-bench'))
        <div class="notice" role="note"><b>New here?</b> A first job by the hand: a made-up machine, from its first
            start to a
            printed letter, in ten minutes.
            <form method="post" action="{{ route('first-job') }}" class="inline">@csrf<button class="main">Begin a
                    first
                    job</button></form>
        </div>
    @endif
    @foreach ($notices as $notice)
        <form method="post" action="{{ route('notices.seen', $notice) }}" class="notice" role="note">
            @csrf<b>{{ $notice->job->tag }}.</b> {{ $notice->words }} <a
                href="{{ route('jobs.show', $notice->job) }}">Open it</a>
            <button>seen</button>
        </form>
    @endforeach
    <div class="due" role="note">
        <x-overdue :overdue="$overdue" :open="old('rang') !== null" />
        @if ($byHand > 0)
            <p class="notice"><a href="{{ route('messages') }}">{{ $byHand }}
                    {{ $byHand === 1 ? 'message is' : 'messages are' }} to be said by hand</a></p>
        @endif
        @if ($runsOut)
            @if ($runsOut->loans > 0)
                <p class="notice"><a href="{{ route('shelf') }}">{{ $runsOut->loans }}
                        {{ $runsOut->loans === 1 ? 'spare is' : 'spares are' }} overdue</a></p>
            @endif
            @if ($runsOut->claims->isNotEmpty())
                @php
                    $firstBy = ($first = $runsOut->claims->whereNotNull('deadline')->first())
                        ? ', the first by ' . $first->deadline->format('j M')
                        : '';
                @endphp
                <p class="notice"><a href="{{ route('comebacks') }}">{{ $runsOut->claims->count() }}
                        {{ $runsOut->claims->count() === 1 ? 'claim wants' : 'claims want' }} a word to the
                        supplier</a>{{ $firstBy }}
                </p>
            @endif
            @if ($runsOut->orders->isNotEmpty())
                <p class="notice"><a
                        href="{{ route('orders') }}">{{ $runsOut->orders->pluck('tag')->implode(', ') }}</a> can
                    be sent back only until {{ $runsOut->orders->first()->return_until->format('j M') }}</p>
            @endif
            @if ($runsOut->own->isNotEmpty())
                <p class="notice"><a href="{{ route('own') }}">{{ $runsOut->own->pluck('tag')->implode(', ') }}</a>,
                    our own,
                    can go back to the seller only until
                    {{ \Illuminate\Support\Carbon::parse($runsOut->own->first()->own['return_until'])->format('j M') }}
                </p>
            @endif
        @endif
    </div>
    <ul class="benches" aria-label="Benches">
        @for ($bench = 1; $bench <= shop()->benches; $bench++)
            @php
                $claim = $benches[$bench] ?? null;
            @endphp

            <li @class(['taken' => $claim])><b>Bench {{ $bench }}</b>
                @if ($claim)
                    <a href="{{ route('jobs.show', $claim->job) }}">{{ $claim->job->tag }}</a>
                    {{ $claim->job->machine->model }},
                    <span>{{ $claim->user->name }} since
                        @php
                            $since = $claim->since->isToday()
                                ? $claim->since->format('H:i')
                                : $claim->since->format('D H:i');
                        @endphp
                    {{ $since }}</span>@else<span>free</span>
                @endif
            </li>
        @endfor
        @if ($in->isNotEmpty())
            <li><b>In</b>
                <span>{{ $in->map(fn($shift) => $shift->user->name . ' until ' . $shift->to_at->format('H:i'))->implode(', ') }}</span>
            </li>
        @endif
    </ul>
    <nav class="filters" aria-label="Which machines">
        @foreach (App\Models\FloorFilter::cases() as $one)
            <a href="{{ route('floor', ['show' => $one->value]) }}"
                @if ($one === $filter) aria-current="true" @endif>{{ $one->words() }} <span
                    class="num">{{ $counts[$one->value] }}</span></a>
        @endforeach
        <small><kbd>j</kbd> <kbd>k</kbd> to go down and up</small>
    </nav>
    @if ($groups->isEmpty())
        <section class="sheet empty">
            <p>{{ $filter->none() }}
                @if ($floor->open() === 0)
                    The first one starts at the <a href="{{ route('intake.create') }}">counter</a>.
                @elseif ($filter !== App\Models\FloorFilter::All)
                    <a href="{{ route('floor', ['show' => 'all']) }}">Show all</a>
                @endif
            </p>
        </section>
    @endif
    <div class="floor" x-data="floor" x-on:keydown.window="key">
        @foreach ($groups as $key => $jobs)
            <section class="group" aria-labelledby="g-{{ $key }}">
                <h2 id="g-{{ $key }}">{{ Orthoscope\Core\Bench\JobState::from($key)->words() }} <span
                        class="count">{{ $jobs->count() }}</span></h2>
                <ul class="jobs">
                    <x-job-lines :jobs="$jobs" />
                </ul>
            </section>
        @endforeach
    </div>
</x-layout>
