@php
    $place = old('place', 'front');
@endphp

<x-layout :title="'Photographs ' . $job->tag" nav="counter">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Photographs</h1>
        <p>Parcel and damage first, before anything is moved</p>
    </div>
    <div class="columns two" x-data="pins">
        <form class="sheet photo-form" method="post" action="{{ route('photos.store', $job) }}"
            enctype="multipart/form-data">@csrf
            <fieldset class="choices">
                <legend>Where is it?</legend>
                @foreach (\App\Models\Photo::PLACES as $id => $name)
                    <label><input type="radio" name="place" value="{{ $id }}" @checked($place === $id)
                            x-on:change="turn">
                        {{ $name }}</label>
                @endforeach
                @error('place')
                    <p class="error">{{ $message }}</p>
                @enderror
            </fieldset>
            <svg class="machine" viewBox="0 0 300 200" role="img" aria-label="Press where on the machine it is"
                x-ref="drawing" x-on:click="pin">
                @foreach (array_keys(\App\Models\Photo::PLACES) as $id)
                    <g data-place="{{ $id }}" @if ($place !== $id) hidden @endif><x-machine-side
                            :side="$id" />
                        @foreach ($job->photos->where('place', $id) as $photo)
                            <circle class="pinned" cx="{{ $photo->x * 0.3 }}" cy="{{ $photo->y * 0.2 }}" r="6">
                                <title>{{ $photo->words ?: 'photograph' }}</title>
                            </circle>
                        @endforeach
                    </g>
                @endforeach
                <circle class="pin" r="8" cx="150" cy="100" x-ref="pin" />
            </svg>
            <input type="hidden" name="x" value="{{ old('x', 500) }}" x-ref="x"><input type="hidden"
                name="y" value="{{ old('y', 500) }}" x-ref="y">
            <x-field name="words" label="What it shows" maxlength="200" autocomplete="off" />
            <div class="pair">
                <div class="field"><label for="f-label_of">It is the label of</label><select id="f-label_of"
                        name="label_of">
                        <option value="">no part</option>
                        @foreach (\App\Http\Requests\MachineFacts::MODELS as $kind)
                            <option value="{{ $kind }}" @selected(old('label_of') === $kind)>
                                {{ $catalogue->part($kind)->name }}</option>
                        @endforeach
                    </select>
                    @error('label_of')
                        <p class="error">{{ $message }}</p>
                    @enderror
                </div>
                <x-field name="label" label="Model on it" maxlength="60" autocomplete="off" />
            </div>
            <div class="field"><label for="f-photo">Photograph</label><input id="f-photo" type="file"
                    name="photo" accept="image/jpeg,image/png,image/webp" capture="environment">
                @error('photo')
                    <p class="error">{{ $message }}</p>
                @enderror
                <small>
                    JPEG, PNG or WebP, up to 10 MB. Place and time the camera wrote into it are taken out.</small>
            </div>
            <button class="main">Save photograph</button>
        </form>
        <section class="sheet">
            <h2>{{ $job->photos->count() ?: 'No' }} {{ $job->photos->count() === 1 ? 'photograph' : 'photographs' }}
            </h2>
            <ul class="photos">
                @foreach ($job->photos as $photo)
                    <li><a href="{{ route('photos.show', $photo) }}"><img
                                src="{{ route('photos.show', [$photo, 'small' => 1]) }}"
                                alt="{{ \App\Models\Photo::PLACES[$photo->place] }}: {{ $photo->words ?: 'no words' }}"
                                loading="lazy"></a><b>{{ \App\Models\Photo::PLACES[$photo->place] }}</b>
                        {{ $photo->words }}<br><small>{{ $photo->user->name }},
                            {{ $photo->created_at->format('j M, H:i') }}</small></li>
                @endforeach
            </ul>
        </section>
    </div>
</x-layout>
