<x-layout :title="$page->title" nav="book">
    <div class="book-page" x-data="along" x-on:keydown.window="key">
        <p class="crumbs">
            @if ($from !== null)
                <a href="{{ route('jobs.show', $from) }}">Back to {{ $from->tag }}</a> ·
            @endif
            <a href="{{ route('book') }}">Handbook</a> · {{ $chapter }}
        </p>
        <div class="head">
            <h1>{{ $page->title }}</h1>
            <p>{{ $page->lead }}</p>
        </div>
        @if ($page->caution)
            <p class="caution">{{ $page->caution }}</p>
        @endif
        <div class="columns two">
            <div>
                @foreach ($page->sections as $section)
                    @if ($section->heading === Orthoscope\Core\Handbook\Book::RAW)
                        @continue
                    @endif
                    <section class="sheet">
                        <h2>{{ $section->heading }}</h2>
                        @if ($section->lead !== '')
                            <p class="soft">{{ $section->lead }}</p>
                        @endif
                        <x-book-items :items="$section->items" />
                    </section>
                @endforeach
                @foreach ($page->sections as $section)
                    @if ($section->heading === Orthoscope\Core\Handbook\Book::RAW)
                        <details class="sheet" @if (count($page->sections) === 1) open @endif>
                            <summary>
                                <h2>Every number of it</h2>
                            </summary>
                            <p class="soft">{{ $section->lead }}</p>
                            <x-book-items :items="$section->items" />
                        </details>
                    @endif
                @endforeach
            </div>
            <aside>
                @if ($page->part !== null && isset($catalogue->parts[$page->part]))
                    <section class="sheet">
                        <x-chain-place :catalogue="$catalogue" :part="$page->part" />
                    </section>
                @endif
                <section class="sheet" id="margin">
                    <h2>In the margin</h2>
                    @forelse ($notes as $note)
                        <x-margin-note :note="$note" :settables="$settables" :page="$page" />
                    @empty
                        <p class="soft">Nobody wrote here yet.</p>
                    @endforelse
                    @if ($looked !== null && $preview !== null)
                        <div class="notice" id="preview">
                            <h3>On open jobs it would be</h3>
                            @forelse ($preview as $one)
                                <h4>{{ $one['job']->tag }}, {{ $one['job']->machine->model }}</h4>
                                <x-compared :rows="$one['rows']" />
                            @empty
                                <p>No machine is here to try it on.</p>
                            @endforelse
                            <form method="post" action="{{ route('margin.answer', $looked) }}">@csrf
                                <button name="answer" value="accepted">Take it over</button>
                                <button class="quiet" name="answer" value="declined">Leave it as it is</button>
                            </form>
                        </div>
                    @endif
                    @can('work-at-bench')
                        <details @if ($errors->any()) open @endif>
                            <summary>Write here</summary>
                            <form method="post" enctype="multipart/form-data"
                                action="{{ route('margin.store', [$page->kind, $page->id]) }}" novalidate>@csrf
                                <div class="field"><label for="f-words">Note</label>
                                    <textarea id="f-words" name="words" rows="3" maxlength="1000">{{ old('words') }}</textarea>
                                    @error('words')
                                        <p class="error" role="alert">{{ $message }}</p>
                                    @enderror
                                </div>
                                <x-field name="model" label="Of one model" hint="empty: of any" maxlength="80"
                                    autocomplete="off" />
                                <div class="field"><label for="f-photo">Photograph</label><input id="f-photo"
                                        type="file" name="photo" accept="image/jpeg,image/png,image/webp">
                                    @error('photo')
                                        <p class="error" role="alert">{{ $message }}</p>
                                    @enderror
                                </div>
                                @if ($settables !== [])
                                    <div class="pair">
                                        <div class="field"><label for="f-path">A number should be another</label><select
                                                id="f-path" name="path">
                                                <option value="">no</option>
                                                @foreach ($settables as $path => $one)
                                                    <option value="{{ $path }}" @selected(old('path') === $path)>
                                                        {{ $one->name }}</option>
                                                @endforeach
                                            </select>
                                            @error('path')
                                                <p class="error" role="alert">{{ $message }}</p>
                                            @enderror
                                        </div>
                                        <x-field name="value" label="It should be" maxlength="30" autocomplete="off" />
                                    </div>
                                @endif
                                <button>Keep the note</button>
                            </form>
                        </details>
                    @endcan
                </section>
                <section class="sheet">
                    <h2>{{ $chapter }}</h2>
                    <ul class="book-list">
                        @php
                            $here = array_search($page->id, array_column($beside, 'id'), true);
                            $around = array_slice($beside, max(0, $here - 4), 9);
                        @endphp
                        @foreach ($around as $one)
                            <li><a href="{{ route('book.page', [$one->kind, $one->id]) }}"
                                    @if ($one->id === $page->id) aria-current="page" @endif>{{ $one->title }}</a>
                            </li>
                        @endforeach
                    </ul>
                    <p><a href="{{ route('book.card', [$page->kind, $page->id]) }}">As a card for the bench (A5)</a>
                    </p>
                </section>
            </aside>
        </div>
    </div>
</x-layout>
