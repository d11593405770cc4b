@props(['amount' => ''])
<x-field name="amount" :label="'Amount, ' . shop()->money()->sign" :value="$amount" inputmode="decimal" autocomplete="off" within="pay" />
<fieldset class="choices">
    <legend class="visually-hidden">How</legend>
    @foreach (App\Models\Payment::METHODS as $method => $words)
        <label><input type="radio" name="method" value="{{ $method }}" @checked(old('method') === $method)>
            {{ $words }}</label>
    @endforeach
    @error('method')
        <p class="error" role="alert">{{ $message }}</p>
    @enderror
</fieldset>
<fieldset class="choices">
    <legend class="visually-hidden">Which way</legend>
    <label><input type="radio" name="way" value="came" @checked(old('way', 'came') === 'came')> came</label>
    <label><input type="radio" name="way" value="back" @checked(old('way') === 'back')> given back</label>
</fieldset>
<x-field name="words" label="Remark" maxlength="120" autocomplete="off" within="pay" />
