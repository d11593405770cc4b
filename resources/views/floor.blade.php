<x-layout title="Floor" nav="floor">
    <div class="head">
        <h1>Floor</h1>
        <p>{{ $open }} {{ $open === 1 ? 'machine' : 'machines' }} in the shop</p><a class="button"
            href="{{ route('diary') }}">Diary</a><a class="button" href="{{ route('messages') }}">Messages</a>
        @can('work-at-bench')
            <a class="button" href="{{ route('orders') }}">Orders</a>
        @endcan
        <a class="button" href="{{ route('intake.create') }}">
            Take one in</a>
    </div>
    @foreach ($notices as $notice)
        <form method="post" action="{{ route('notices.seen', $notice) }}" class="notice" role="note">
            @csrf<b>{{ $notice->job->tag }}.</b> {{ $notice->words }} <a
                href="{{ route('jobs.show', $notice->job) }}">Open it</a>
            <button>seen</button>
        </form>
    @endforeach
    <x-overdue :overdue="$overdue" :open="old('rang') !== null" />
    @if ($runsOut)
        @if ($runsOut->loans > 0)
            <p class="notice" role="note"><a href="{{ route('shelf') }}">{{ $runsOut->loans }}
                    {{ $runsOut->loans === 1 ? 'spare is' : 'spares are' }} overdue</a></p>
        @endif
        @if ($runsOut->claims->isNotEmpty())
            @php
                $firstBy = ($first = $runsOut->claims->whereNotNull('deadline')->first())
                    ? ', the first by ' . $first->deadline->format('j M')
                    : '';
            @endphp
            <p class="notice" role="note"><a href="{{ route('comebacks') }}">{{ $runsOut->claims->count() }}
                    {{ $runsOut->claims->count() === 1 ? 'claim wants' : 'claims want' }} a word to the
                    supplier</a>{{ $firstBy }}
            </p>
        @endif
        @if ($runsOut->orders->isNotEmpty())
            <p class="notice" role="note"><a
                    href="{{ route('orders') }}">{{ $runsOut->orders->pluck('tag')->implode(', ') }}</a> can
                be sent back only until {{ $runsOut->orders->first()->return_until->format('j M') }}</p>
        @endif
        @if ($runsOut->own->isNotEmpty())
            <p class="notice" role="note"><a
                    href="{{ route('own') }}">{{ $runsOut->own->pluck('tag')->implode(', ') }}</a>, our own,
                can go back to the seller only until
                {{ \Illuminate\Support\Carbon::parse($runsOut->own->first()->own['return_until'])->format('j M') }}</p>
        @endif
    @endif
    <ul class="benches" aria-label="Benches">
        @for ($bench = 1; $bench <= (int) config('shop.benches'); $bench++)
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
    @if ($groups->isEmpty())
        <section class="sheet empty">
            <p>No machine is in the shop. The first one starts at the <a
                    href="{{ route('intake.create') }}">counter</a>.</p>
        </section>
    @endif
    @foreach ($waits as $key => $name)
        @if (isset($groups[$key]))
            <section class="group" aria-labelledby="g-{{ $key }}">
                <h2 id="g-{{ $key }}">{{ $name }} <span
                        class="count">{{ $groups[$key]->count() }}</span></h2>
                <ul class="jobs">
                    <x-job-lines :jobs="$groups[$key]" />
                </ul>
            </section>
        @endif
    @endforeach
</x-layout>
