{{-- What a shop says of itself and works by; beside each what ships. --}}
@props(['all' => true])
@php
    $shop = shop();
    $days = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
    $shipped = App\Models\Shop::shipped();
    $money = fn(int $minor): string => Orthoscope\Core\Plain\Money::of($minor)->words();
    $closed = implode(PHP_EOL, $shop->closedDays);
    $open = array_map(strval(...), (array) old('open_days', $shop->openDays));
@endphp
<div class="columns two even">
    <section class="sheet">
        <h2>Letterhead</h2>
        <x-field name="name" label="Name of the shop" :value="$shop->name" maxlength="80" autocomplete="organization" />
        <x-field name="address" label="Address, on one line" :value="$shop->address" maxlength="160" autocomplete="off" />
        <div class="pair"><x-field name="phone" label="Telephone" type="tel" :value="$shop->phone"
                autocomplete="off" />
            <x-field name="mail" label="Mail" type="email" :value="$shop->mail" autocomplete="off" />
        </div>
        <x-field name="tax_number" label="Tax number, if letters shall show one" :value="$shop->taxNumber" maxlength="40"
            autocomplete="off" />
    </section>
    <section class="sheet">
        <h2>Money and hours</h2>
        <div class="pair"><x-field name="currency" label="Currency, sign or code" :value="$shop->currency" maxlength="5"
                autocomplete="off" />
            <x-field name="tax" label="Tax on work and parts, %" :value="$shop->tax / 100" inputmode="decimal"
                autocomplete="off" />
        </div>
        <fieldset class="chips">
            <legend>Open on</legend>
            @foreach ($days as $i => $day)
                @php
                    $of = ['value' => $i + 1, 'words' => $day, 'checked' => in_array((string) ($i + 1), $open, true)];
                @endphp

                <x-pick name="open_days[]" several :of="$of" />
            @endforeach
            @error('open_days')
                <p class="error">{{ $message }}</p>
            @enderror
        </fieldset>
        <div class="triple"><x-field name="open_from" label="From, hour" :value="$shop->openFrom" inputmode="numeric" />
            <x-field name="open_to" label="To, hour" :value="$shop->openTo" inputmode="numeric" />
            <x-field name="benches" label="Benches" :value="$shop->benches" inputmode="numeric" />
        </div>
        @if ($all)
            <x-field name="closed_days" label="Closed days, one a line, as 2026-12-25" area :value="$closed"
                hint="No word is promised and nothing planned for them." />
        @endif
    </section>
    @if ($all)
        <section class="sheet">
            <h2>Prices and promises</h2>
            <div class="pair"><x-field name="hour_price" label="An hour of work, before tax" :value="$money($shop->hourPrice)"
                    inputmode="decimal" :hint="'Ships with ' . $money($shipped->hourPrice) . '. Bills, quotes and what options cost.'" />
                <x-field name="quote_days" label="A quote holds, days" :value="$shop->quoteDays" inputmode="numeric"
                    :hint="'Ships with ' . $shipped->quoteDays . '.'" />
            </div>
            <div class="pair"><x-field name="deposit_from" label="Deposit from a total of" :value="$money($shop->depositFrom)"
                    inputmode="decimal" :hint="'Ships with ' . $money($shipped->depositFrom) . '.'" />
                <x-field name="deposit_share" label="Deposit, % of it" :value="$shop->depositShare / 100" inputmode="numeric"
                    :hint="'Ships with ' . $shipped->depositShare / 100 . '.'" />
            </div>
            <x-field name="comeback_risk" label="Comebacks that the shop accepts, of 100" :value="$shop->comebackRisk / 10"
                inputmode="numeric" :hint="'Ships with ' .
                    $shipped->comebackRisk / 10 .
                    '. How many clean starts prove a repair follows from it.'" />
        </section>
        <section class="sheet">
            <h2>Mail leaves by</h2>
            <div class="pair"><x-field name="smtp_host" label="Mail server" :value="$shop->smtpHost" maxlength="120"
                    placeholder="mail.example.org" autocomplete="off"
                    hint="Empty: words to owners are shown, and you say or send them yourself." />
                <x-field name="smtp_port" label="Port" :value="$shop->smtpPort" inputmode="numeric" />
            </div>
            <div class="pair"><x-field name="smtp_user" label="Name there" :value="$shop->smtpUser" maxlength="160"
                    autocomplete="off" />
                <x-field name="smtp_password" label="Password there" type="password" :kept="false"
                    autocomplete="off" hint="Kept locked; leave it empty to keep the one that is set." />
            </div>
        </section>
    @endif
</div>
