@props(['supplier', 'within'])
@php
    $of = $supplier->id === null ? 'new' : (string) $supplier->id;
    $kept = old('of') === $of || (old('of') === null && !$errors->any());
    $value = fn(string $name) => $kept ? old($name, $supplier->{$name}) : $supplier->{$name};
@endphp
<input type="hidden" name="of" value="{{ $of }}">
<div class="triple"><x-field name="name" label="Name" :value="$value('name')" :kept="$kept" :within="$within"
        maxlength="60" autocomplete="off" />
    <x-field name="contact" label="Whom to ask for" :value="$value('contact')" :kept="$kept" :within="$within" maxlength="80"
        autocomplete="off" />
    <x-field name="customer_number" label="Our customer number" :value="$value('customer_number')" :kept="$kept" :within="$within"
        maxlength="40" autocomplete="off" />
</div>
<div class="pair"><x-field name="mail" label="Mail for orders" type="email" :value="$value('mail')" :kept="$kept"
        :within="$within" autocomplete="off" />
    <x-field name="phone" label="Telephone" type="tel" :value="$value('phone')" :kept="$kept" :within="$within"
        autocomplete="off" />
</div>
<div class="triple"><x-field name="days_from" label="Here in days, at best" :value="$value('days_from')" :kept="$kept"
        :within="$within" inputmode="numeric" />
    <x-field name="days_to" label="At worst" :value="$value('days_to')" :kept="$kept" :within="$within"
        inputmode="numeric" />
    <x-field name="return_days" label="Goes back within, days" :value="$value('return_days')" :kept="$kept" :within="$within"
        inputmode="numeric" />
</div>
<x-field name="terms" label="Terms, in your own words" :value="$value('terms')" :kept="$kept" :within="$within"
    maxlength="500" autocomplete="off" />
