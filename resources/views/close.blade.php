@php
    $proof = $assessment->proof;
@endphp

<x-layout :title="'Close ' . $job->tag" nav="job" in-place>
    <x-job-frame :job="$job" at="hand-back" />
    <div class="head">
        <h1>Close the job</h1>

    </div>
    <div class="columns two">
        <section class="sheet">
            @if ($warning !== [])
                <div class="lock" role="note"><b>It goes back locked.</b> {{ implode(' ', $warning) }} <span>The
                        letter, the tag and the
                        message say so; it is not called ready, and no repair is charged.</span></div>
            @endif
            <h2>Proof</h2>
            <ul class="proof">
                @foreach ($proof->places as $place)
                    <li class="{{ $place->entry ? 'done' : '' }}">
                        {{ App\View\Mark::of($place->entry ? 'proved' : 'not-tested') }} {{ $place->name }}
                        @if ($place->entry)
                            <small>entry {{ $place->entry }}</small>
                        @endif
                    </li>
                @endforeach
                <li>{{ App\View\Mark::of($proof->isBelieved ? 'proved' : 'not-alone') }} Sound with <span
                        class="num">{{ $proof->sound < 0.01 ? 'under 1' : (int) floor(100 * $proof->sound) }}
                        %</span>, {{ $proof->clean }} clean
                    {{ $proof->clean === 1 ? 'start' : 'starts' }} in a row</li>
            </ul>
            @if (!$plan->isComplete())
                <h3>Still owed</h3>
                <ul>
                    @foreach ($plan->owedInWords() as $owed)
                        <li>{{ $owed }}</li>
                    @endforeach
                </ul>
                <p><a href="{{ route('jobs.prove', $job) }}">Prove it</a></p>
            @endif
            @if ($agreed)
                <p>Agreed: {{ Orthoscope\Core\Evidence\Agreement::ANSWERS[$agreed->answer] }},
                    {{ shop()->money()->words($agreed->amount) }}.</p>
            @elseif ($leave->most() !== null)
                <p>Agreed at intake: up to {{ shop()->money()->words($leave->most()) }}.
                </p>
            @endif
            @if ($job->loans->isNotEmpty())
                <h3>Still here from the shelf</h3>
                @foreach ($job->loans as $loan)
                    <x-loan-back :loan="$loan" />
                @endforeach @error('look')
                <p class="error" role="alert">{{ $message }}</p>
            @enderror
        @endif
        @php
            $unsettled = $job->orders->whereIn('state', App\Models\Order::UNSETTLED);
        @endphp

        @if ($unsettled->isNotEmpty())
            <h3>Orders not settled</h3>
            @foreach ($unsettled as $order)
                <x-order-line :order="$order" :job="$job" />
            @endforeach
            <p>
                <small>What is not cancelled or sent back stays the shop’s: once here it goes on the shelf. What is
                    held back is
                    cancelled when the job closes.</small>
            </p>
        @endif
        @error('loans')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
        @if ($charge->bill)
            <h3>What it comes to, by the record</h3>
            <table class="list bill">
                <tbody>
                    @foreach ($charge->bill->lines as $line)
                        <tr>
                            <td>{{ $line->what }}</td>
                            <td class="num">{{ shop()->money()->amount($line->net()) }}</td>
                        </tr>
                    @endforeach
                    <tr>
                        <td>Tax</td>
                        <td class="num">{{ shop()->money()->amount($charge->bill->tax()) }}</td>
                    </tr>
                    <tr>
                        <th scope="row">Total</th>
                        <td class="num"><b>{{ shop()->money()->words($charge->bill->total()) }}</b></td>
                    </tr>
                </tbody>
            </table>
        @endif
        <form method="post" action="{{ route('closing.store', $job) }}" novalidate>@csrf
            <input type="hidden" name="once"
                value="{{ old('once', (string) \Illuminate\Support\Str::uuid()) }}">
            @php
                $priceLabel = 'Price, ' . shop()->money()->sign . ', all in';
                $price = $charge->price === null ? '' : shop()->money()->typed($charge->price);
            @endphp
            <div class="pair">
                <x-field name="price" :label="$priceLabel" inputmode="decimal" autocomplete="off" :value="$price"
                    :hint="$charge->why" />
                <x-field name="warranty_months" label="Warranty, months" type="number" :value="$charge->warrantyMonths"
                    min="0" max="60" hint="by what was done" />
            </div>
            @if ($errors->has('agreed_how') || old('agreed_how'))
                <x-field name="agreed_how" label="How the owner agreed to more" maxlength="300"
                    autocomplete="off" />
            @endif
            <div class="field"><label for="f-outcome">It ends</label><select id="f-outcome" name="outcome">
                    @foreach (Orthoscope\Core\Evidence\Closing::OUTCOMES as $outcome => $words)
                        <option value="{{ $outcome }}" @selected(old('outcome', $ending) === $outcome)>{{ $words }}
                        </option>
                    @endforeach
                </select>
                @error('outcome')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </div>
            @if (!$plan->isComplete() || $errors->has('outcome'))
                <x-field name="signed_off" label="Why it goes back before all is proved" area
                    hint="A lead signs this off. The owner reads it." />
            @endif
            <button class="main">Close, make the letter</button>
        </form>
    </section>
    <section class="sheet paper">
        <h2>The letter, as it stands</h2><x-letter :letter="$letter" :job="$job" />
    </section>
</div>
</x-layout>
