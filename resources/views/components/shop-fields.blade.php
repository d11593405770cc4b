{{-- What a shop says of itself and works by; beside each what ships. --}}
@props(['all' => true])
@php
    $shop = shop();
    $days = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
    $shipped = App\Models\Shop::shipped();
    $money = fn(int $minor): string => shop()->money()->typed($minor);
    $choose = fn(string $field, string $is): string => (string) old($field, $is);
    $zones = DateTimeZone::listIdentifiers();
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
        @if ($all)
            <div class="field"><label for="f-logo">Picture on letters, PNG or JPEG up to 2 MB</label>
                <input id="f-logo" name="logo" type="file" accept="image/png,image/jpeg">
                @if ($shop->logo !== '')
                    <p class="letterhead"><img src="{{ route('shop.logo') }}" alt="The picture as letters show it"></p>
                    <label><input type="checkbox" name="no_logo" value="1"> take it off</label>
                @endif
                @error('logo')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </div>
        @endif
    </section>
    <section class="sheet">
        <h2>Country and money</h2>
        <div class="pair">
            <div class="field"><label for="f-country">Country</label>
                <select id="f-country" name="country" x-data="country" x-on:change="fill">
                    <option value="">Another, or none</option>
                    @foreach (App\Models\Country::all() as $country)
                        @php
                            $usual = json_encode([
                                'currency' => $country->currency,
                                'decimals' => (string) $country->decimals,
                                'point' => $country->point,
                                'time_zone' => $country->timeZone,
                                'date_form' => $country->dateForm,
                                'week_start' => (string) $country->weekStart,
                                ...$country->tax === null ? [] : ['tax' => (string) ($country->tax / 100)],
                            ]);
                        @endphp
                        <option value="{{ $country->code }}" data-usual="{{ $usual }}"
                            @selected($choose('country', $shop->country) === $country->code)>
                            {{ $country->name }}</option>
                    @endforeach
                </select>
                <small>Fills in what is usual there.</small>
            </div>
            <div class="field"><label for="f-time_zone">Time zone</label>
                <select id="f-time_zone" name="time_zone">
                    @foreach ($zones as $zone)
                        <option @selected($choose('time_zone', $shop->timeZone) === $zone)>{{ $zone }}</option>
                    @endforeach
                </select>
                @error('time_zone')
                    <p class="error">{{ $message }}</p>
                @enderror
            </div>
        </div>
        <div class="triple"><x-field name="currency" label="Currency" :value="$shop->currency" maxlength="5"
                autocomplete="off" hint="Sign or code." />
            <div class="field"><label for="f-decimals">Decimals</label><select id="f-decimals" name="decimals">
                    @foreach ([0, 1, 2, 3] as $decimals)
                        <option @selected($choose('decimals', (string) $shop->decimals) === (string) $decimals)>{{ $decimals }}</option>
                    @endforeach
                </select></div>
            <div class="field"><label for="f-point">Before them</label><select id="f-point" name="point">
                    <option value="." @selected($choose('point', $shop->point) === '.')>point, 48.50</option>
                    <option value="," @selected($choose('point', $shop->point) === ',')>comma, 48,50</option>
                </select></div>
        </div>
        <div class="pair"><x-field name="tax" label="Tax on work and parts, %" :value="$shop->tax / 100"
                inputmode="decimal" autocomplete="off" />
            <div class="field"><label for="f-tax_per_line">Rounded half up</label><select id="f-tax_per_line"
                    name="tax_per_line">
                    <option value="0" @selected($choose('tax_per_line', $shop->taxPerLine ? '1' : '0') === '0')>once, on the sum</option>
                    <option value="1" @selected($choose('tax_per_line', $shop->taxPerLine ? '1' : '0') === '1')>on each line</option>
                </select></div>
        </div>
        <p class="notice" data-tax-note role="note" hidden>The tax rate of the country is from memory and may have
            changed:
            check it before the first bill.</p>
        <div class="pair">
            <div class="field"><label for="f-date_form">Papers write a day</label><select id="f-date_form"
                    name="date_form">
                    @foreach (App\Models\Shop::DATE_FORMS as $form => $words)
                        <option value="{{ $form }}" @selected($choose('date_form', $shop->dateForm) === $form)>{{ $words }}</option>
                    @endforeach
                </select></div>
            <div class="field"><label for="f-week_start">A week begins on</label><select id="f-week_start"
                    name="week_start">
                    @php
                        $first = $choose('week_start', (string) $shop->weekStart);
                    @endphp
                    @foreach (['1' => 'Monday', '6' => 'Saturday', '7' => 'Sunday'] as $day => $words)
                        <option value="{{ $day }}" @selected($first === (string) $day)>{{ $words }}</option>
                    @endforeach
                </select></div>
        </div>
    </section>
    <section class="sheet">
        <h2>Hours</h2>
        <fieldset class="chips">
            <legend>Open on</legend>
            @foreach ($shop->week() as $iso)
                @php
                    $of = [
                        'value' => $iso,
                        'words' => $days[$iso - 1],
                        'checked' => in_array((string) $iso, $open, true),
                    ];
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
            <x-field name="price_of_one" label="1.00 of the price lists that ship is, in our money" :value="$shop->priceOfOne / 1000"
                inputmode="decimal"
                hint="Parts, specialists and the rest ship in euros; 1 leaves them. Your own prices stand on Numbers." />
            <x-field name="comeback_risk" label="Comebacks that the shop accepts, of 100" :value="$shop->comebackRisk / 10"
                inputmode="numeric" :hint="'Ships with ' .
                    $shipped->comebackRisk / 10 .
                    '. How many clean starts prove a repair follows from it.'" />
        </section>
        <section class="sheet">
            <h2>At the bench</h2>
            <x-field name="hands_minutes" label="A computer at a bench asks again whose hands it is, after minutes"
                :value="$shop->handsMinutes" inputmode="numeric"
                hint="People set their PIN on their own page; badges are printed on People." />
            @php
                $catalogue = app(Orthoscope\Core\Catalogue\Catalogue::class);
                $order = implode(
                    PHP_EOL,
                    array_map(fn(string $id): string => $catalogue->steps[$id]->name ?? $id, $shop->schoolOrder),
                );
            @endphp
            <div class="field"><label for="f-school">Shown unless somebody chose another</label>
                <select id="f-school" name="school">
                    <option value="">What is computed for each machine</option>
                    @foreach ($catalogue->schools as $school)
                        <option value="{{ $school->id }}" @selected($choose('school', $shop->school) === $school->id)>
                            {{ ucfirst($school->name) }}</option>
                    @endforeach
                    @unless (isset($catalogue->schools['own']))
                        <option value="own" @selected($choose('school', $shop->school) === 'own')>As this shop does it</option>
                    @endunless
                </select>
                <small>Each job says in minutes what an order costs there beside what is computed.</small>
            </div>
            <x-field name="school_order" label="Own order, one step a line, as steps are called" area
                :value="$order" hint="Steps that are not named come after." />
        </section>
        <section class="sheet">
            <h2>Safety</h2>
            <x-field name="public_address" label="Address under which owners reach you" :value="$shop->publicAddress"
                maxlength="200" placeholder="https://repairs.example.org" autocomplete="off"
                hint="Links in letters and messages begin with it; empty: as you reach the program yourself." />
            <x-field name="backup_folder" label="Folder for a backup every night" :value="$shop->backupFolder" maxlength="300"
                placeholder="/media/backup" autocomplete="off"
                hint="On another disk. 7 days, 5 weeks and 12 months are kept; once a week one is restored to try it." />
            <x-field name="backup_password" label="Password that locks backups" type="password" :kept="false"
                autocomplete="off"
                hint="Empty keeps the one that is set. Without it nobody restores them: keep it elsewhere too." />
            @error('backup_password')
                <p class="error">{{ $message }}</p>
            @enderror
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
            <h2>Short messages leave by</h2>
            <x-field name="sms_url" label="Address of an HTTP service" :value="$shop->smsUrl" maxlength="300"
                placeholder="https://sms.example.org/send" autocomplete="off"
                hint="Empty: who left a telephone number is rung." />
            <x-field name="sms_body" label="What is posted there, with {to} and {text}" :value="$shop->smsBody"
                maxlength="1000" autocomplete="off"
                hint="JSON where it begins with {, else a form, as to={to}&text={text}." />
            <x-field name="sms_header" label="Header that lets us in" type="password" :kept="false"
                autocomplete="off"
                hint="As Authorization: Bearer 123. Kept locked; leave it empty to keep the one that is set." />
            @error('sms_header')
                <p class="error">{{ $message }}</p>
            @enderror
        </section>
    @endif
</div>
