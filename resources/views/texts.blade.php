@php
    $papers = [
        'message' => 'Messages',
        'receipt' => 'Receipt',
        'quote' => 'Quote',
        'letter' => 'Letter',
        'invoice' => 'Invoice',
        'notice' => 'Notices',
    ];
    $shown = session()->hasOldInput('words') ? old('words') : $words;
@endphp
<x-layout title="Texts" nav="shop">
    <x-shop-frame at="texts" />
    <div class="head">
        <h1>Texts</h1>
        <p>The shop's own words. What was found, done and proved is told by the record and is not worded here.</p>
    </div>
    <div class="beside">
        <nav class="sheet list-of" aria-label="Texts">
            @foreach ($papers as $on => $paper)
                <h2>{{ $paper }}</h2>
                <ul>
                    @foreach ($texts as $one)
                        @if ($one->on === $on && !$one->isSubject)
                            <li><a href="{{ route('texts', ['text' => $one->path]) }}"
                                    @if ($one->path === $text->path) aria-current="page" @endif>{{ $one->name }}</a>
                                @if ($subject = $texts[preg_replace('#/text$#', '/subject', $one->path)] ?? null)
                                    · <a href="{{ route('texts', ['text' => $subject->path]) }}"
                                        @if ($subject->path === $text->path) aria-current="page" @endif>subject<span
                                            class="visually-hidden"> of {{ $one->name }}</span></a>
                                @endif
                                @if (isset($own[$one->path]) || ($subject !== null && isset($own[$subject->path])))
                                    <small>own</small>
                                @endif
                            </li>
                        @endif
                    @endforeach
                </ul>
            @endforeach
        </nav>
        <div>
            <form class="sheet" method="post" action="{{ route('texts.update') }}" novalidate data-draft="no">@csrf
                <input type="hidden" name="text" value="{{ $text->path }}">
                <h2>{{ $text->name }}</h2>
                <div class="field"><label for="t-words">Words</label>
                    <textarea id="t-words" name="words" rows="{{ $text->isSubject ? 2 : 12 }}"
                        @error('words') aria-invalid="true" aria-describedby="t-words-error" @enderror>{{ $shown }}</textarea>
                    <small>Fields: @foreach ($text->fields as $field)
                            <code>{{ '{' . $field . '}' }}</code>
                        @endforeach
                    </small>
                    @error('words')
                        <p class="error" id="t-words-error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
                <p>
                    <button name="deed" value="look">Look at it</button>
                    <button class="main" name="deed" value="save">Save</button>
                    @if (isset($own[$text->path]))
                        <button class="quiet" name="deed" value="back">back to what ships</button>
                    @endif
                </p>
                @if ($change)
                    <p><small>Last changed by {{ $change->user?->name }},
                            {{ shop()->date($change->created_at, time: true) }}.</small></p>
                @endif
            </form>
            @if ($job)
                <section class="sheet">
                    <h2>On {{ $job->tag }} it reads</h2>
                    <pre class="mail">{{ $filled }}</pre>
                    @if ($looked)
                        <p>Not kept yet.</p>
                    @endif
                </section>
            @else
                <p class="notice" role="note">No machine is here yet to show it on.</p>
            @endif
            <section class="sheet">
                <h2>What ships</h2>
                <pre class="mail">{{ $text->shipped === '' ? 'Nothing.' : $text->shipped }}</pre>
            </section>
        </div>
    </div>
</x-layout>
