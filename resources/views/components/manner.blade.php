{{-- How often and when it fails, as told. `in` is the form field it lies in, where it lies in one. --}}
@props(['in' => null, 'within' => 'f'])
@php
    $field = fn(string $name): string => $in === null ? $name : "{$in}[{$name}]";
@endphp

@php
    $key = fn(string $name): string => $in === null ? $name : "{$in}.{$name}";
@endphp

<fieldset class="choices manner">
    <legend>How often, as told</legend>
    <label><input type="radio" name="{{ $field('often') }}" value="" @checked(!old($key('often')))> not said</label>
    @foreach (Orthoscope\Core\SetUp\Manner::OFTEN as $often => $words)
        <label><input type="radio" name="{{ $field('often') }}" value="{{ $often }}" @checked(old($key('often')) === $often)>
            {{ $words }}</label>
    @endforeach
    <span class="counted"><label class="visually-hidden" for="{{ $within }}-failed">Starts that failed, as they
            counted</label><input id="{{ $within }}-failed" name="{{ $field('failed') }}" inputmode="numeric"
            maxlength="3" autocomplete="off" placeholder="2" value="{{ old($key('failed')) }}"
            @error($key('failed')) aria-invalid="true" @enderror> of
        <label class="visually-hidden" for="{{ $within }}-of">of so many starts</label><input
            id="{{ $within }}-of" name="{{ $field('of') }}" inputmode="numeric" maxlength="3"
            autocomplete="off" placeholder="10" value="{{ old($key('of')) }}"
            @error($key('of')) aria-invalid="true" @enderror> starts</span>
    <label class="visually-hidden" for="{{ $within }}-only">Only when</label><select
        id="{{ $within }}-only" name="{{ $field('only') }}">
        <option value="">whenever</option>
        @foreach (Orthoscope\Core\SetUp\Manner::ONLY as $only => $words)
            <option value="{{ $only }}" @selected(old($key('only')) === $only)>{{ $words }}</option>
        @endforeach
    </select>
    @foreach (['often', 'failed', 'of', 'only'] as $name)
        @if ($errors->has($key($name)))
            <p class="error" role="alert">{{ $errors->first($key($name)) }}</p>
            @break
        @endif
    @endforeach
</fieldset>
