<x-layout :title="$model->name" nav="book">
    <div class="book-page">
        <p class="crumbs"><a href="{{ route('book') }}">Handbook</a> · Models</p>
        <div class="head">
            <h1>{{ $model->name }}</h1>
            <p>{{ $model->closed() }}
                @if ($model->minutes !== null)
                    {{ $model->minutes }} min at the bench in the middle.
                @endif
                @if ($model->cameBack > 0)
                    {{ $model->cameBack }} came back.
                @endif
                <a href="{{ route('find', ['q' => $model->name]) }}">All its jobs</a>
            </p>
        </div>
        @foreach ($model->bulletins as $bulletin)
            <p class="notice bulletin"><b>Bulletin.</b> {{ $bulletin->words }} <small>{{ $bulletin->user->name }}, until
                    {{ shop()->date($bulletin->expires_at) }}{{ $bulletin->withdrawn_at ? ', withdrawn' : '' }}</small>
            </p>
        @endforeach
        <div class="columns two">
            <div>
                <section class="sheet">
                    <h2>What it was</h2>
                    @if ($model->causes === [])
                        <p class="soft">Nothing is known yet.</p>
                    @endif
                    <ul class="book-items">
                        @foreach ($model->causes as $cause => $jobs)
                            <li>
                                @if (isset($catalogue->faults[$cause]))
                                    @php
                                        $fault = $catalogue->faults[$cause];
                                    @endphp

                                    <a href="{{ route('book.page', ['fault', $cause]) }}">
                                        {{ $catalogue->part($fault->part)->name }}: {{ $fault->name }}</a>
                                @elseif (isset($catalogue->parts[$cause]))
                                    <a
                                        href="{{ route('book.page', ['part', $cause]) }}">{{ $catalogue->parts[$cause]->name }}</a>
                                @else
                                    <span>{{ $cause }}</span>
                                @endif
                                <span class="value num">{{ $jobs }} {{ $jobs === 1 ? 'job' : 'jobs' }}</span>
                            </li>
                        @endforeach
                    </ul>
                </section>
                @if ($model->patterns !== [])
                    <section class="sheet">
                        <h2>Too often to be luck</h2>
                        <ul class="book-items">
                            @foreach ($model->patterns as $pattern)
                                @php
                                    $outcome = App\View\PatternWords::outcome($catalogue, $pattern['outcome']);
                                @endphp

                                <li><a href="{{ route('patterns') }}">{{ ucfirst($outcome) }}</a> <span
                                        class="value num">{{ $pattern['with'] }} of {{ $pattern['of'] }}</span></li>
                            @endforeach
                        </ul>
                    </section>
                @endif
                <section class="sheet">
                    <h2>Its last jobs</h2>
                    <ul class="book-items">
                        @forelse ($model->jobs as $job)
                            <li><a href="{{ route('find', ['q' => $job->tag]) }}">{{ $job->tag }}</a> <span
                                    class="value">{{ shop()->date($job->closed_at) }}, {{ $job->minutes }} min</span>
                            </li>
                        @empty
                            <li class="soft">none</li>
                        @endforelse
                    </ul>
                </section>
                @if ($model->photos->isNotEmpty())
                    <section class="sheet">
                        <h2>Photographs</h2>
                        <div class="book-photos">
                            @foreach ($model->photos as $photo)
                                <a href="{{ route('photos.show', $photo) }}"><img
                                        src="{{ route('photos.show', [$photo, 'small' => 1]) }}"
                                        alt="{{ $photo->words ?: $photo->place }}, {{ $photo->job->tag }}"
                                        loading="lazy"></a>
                            @endforeach
                        </div>
                    </section>
                @endif
            </div>
            <div>
                @foreach ([['Models of its parts', $model->parts], ['Firmware', $model->firmware]] as [$heading, $counted])
                    @if ($counted !== [])
                        <section class="sheet">
                            <h2>{{ $heading }}</h2>
                            <ul class="book-items">
                                @foreach ($counted as $words => $jobs)
                                    <li><span>{{ $words }}</span> <span
                                            class="value num">{{ $jobs }}</span></li>
                                @endforeach
                            </ul>
                        </section>
                    @endif
                @endforeach
                <section class="sheet">
                    <h2>Codes and papers</h2>
                    <ul class="book-items">
                        @foreach ($model->codes as $code)
                            <li><span>{{ $code->kind }}
                                    {{ $code->from }}{{ $code->to === $code->from ? '' : " to {$code->to}" }}</span>
                                <span class="value">{{ $code->words }}</span>
                            </li>
                        @endforeach
                        @foreach ($model->papers as $paper)
                            <li><span>{{ $paper->title }}</span> <span class="value">{{ $paper->kind }}</span></li>
                        @endforeach
                        @if ($model->codes->isEmpty() && $model->papers->isEmpty())
                            <li class="soft">none of this model</li>
                        @endif
                    </ul>
                </section>
                @if ($model->spares->isNotEmpty())
                    <section class="sheet">
                        <h2>Spares that stood in one</h2>
                        <ul class="book-items">
                            @foreach ($model->spares as $spare)
                                <li><a href="{{ route('spares.show', $spare) }}">{{ $spare->tag }}</a> <span
                                        class="value">{{ $spare->name }}</span></li>
                            @endforeach
                        </ul>
                    </section>
                @endif
                <section class="sheet">
                    <h2>In the margin</h2>
                    @forelse ($model->notes as $note)
                        <article class="margin-note">
                            <p>{{ $note->words }}</p>
                            <small><a
                                    href="{{ route('book.page', explode('/', $note->page)) }}">{{ str_replace('/', ': ', $note->page) }}</a>
                                · {{ $note->user->name }}, {{ shop()->date($note->created_at) }}</small>
                        </article>
                    @empty
                        <p class="soft">No note of this model yet: any page of the book takes one.</p>
                    @endforelse
                </section>
            </div>
        </div>
    </div>
</x-layout>
