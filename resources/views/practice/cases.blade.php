<x-layout title="Practice cases" nav="practice">
    <div class="head">
        <h1>Practice cases of this shop</h1>
        <p><span class="practice-tag">Practice</span> A closed job becomes one by a button on its page, without any name.
            <a href="{{ route('practice') }}">The practice room</a>
        </p>
    </div>
    @if ($cases->isNotEmpty())
        <section class="sheet" aria-labelledby="h-cases">
            <h2 id="h-cases">{{ count($cases) === 1 ? '1 case' : count($cases) . ' cases' }}</h2>
            <ul class="practice-open">
                @foreach ($cases as $case)
                    <li><b>{{ $case->name }}</b>
                        <small>
                            @foreach ($case->core()->faults as $fault)
                                {{ $fault['part'] }}:
                                {{ $catalogue->fault($fault['fault'])->name }}{{ $loop->last ? '' : ',' }}
                            @endforeach
                        </small>
                        <a href="{{ route('practice.cases.json', $case) }}">file</a>
                        <form method="post" action="{{ route('practice.cases.destroy', $case) }}">@csrf
                            @method('delete')<button class="quiet">Take away</button></form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <div class="lesson">
        <section class="sheet" aria-labelledby="h-hand">
            <h2 id="h-hand">By hand</h2>
            <form method="post" action="{{ route('practice.cases.store') }}" novalidate>@csrf
                <x-field name="name" label="Name, which tells nothing" maxlength="60" autocomplete="off" />
                @for ($i = 0; $i < 2; $i++)
                    <div class="field"><label
                            for="f-fault-{{ $i }}">{{ $i === 0 ? 'What is wrong' : 'And, where there are two' }}</label><select
                            id="f-fault-{{ $i }}" name="faults[]">
                            <option value="">{{ $i === 0 ? 'choose' : 'nothing else' }}</option>
                            @foreach ($faults as $value => $words)
                                <option value="{{ $value }}" @selected(old("faults.{$i}") === $value)>{{ $words }}
                                </option>
                            @endforeach
                        </select></div>
                @endfor
                @error('faults')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
                <div class="row2">
                    <div class="field"><label for="f-event">Just before</label><select id="f-event" name="event">
                            @foreach ($catalogue->events as $event)
                                <option value="{{ $event->id }}" @selected(old('event', 'none') === $event->id)>{{ $event->name }}
                                </option>
                            @endforeach
                        </select></div>
                    <div class="field"><label for="f-told">Its owner tells</label><select id="f-told"
                            name="told">
                            <option value="">what it shows there</option>
                            @foreach ($catalogue->reaches as $reach)
                                <option value="{{ $reach->id }}" @selected(old('told') === $reach->id)>{{ $reach->name }}
                                </option>
                            @endforeach
                        </select></div>
                </div>
                <div class="row2">
                    <div class="field"><label for="f-slots">Memory slots</label><select id="f-slots" name="slots">
                            @foreach (['2' => 'two', '4' => 'four'] as $value => $words)
                                <option value="{{ $value }}" @selected(old('slots') === (string) $value)>{{ $words }}
                                </option>
                            @endforeach
                        </select></div>
                    <div class="field"><label for="f-sticks">Sticks</label><select id="f-sticks" name="sticks">
                            @foreach (['2' => 'two', '1' => 'one'] as $value => $words)
                                <option value="{{ $value }}" @selected(old('sticks') === (string) $value)>{{ $words }}
                                </option>
                            @endforeach
                        </select></div>
                </div>
                <fieldset class="choices">
                    <legend>It has</legend>
                    @foreach (App\Http\Requests\PracticeCaseRequest::HAS as $value => $words)
                        <label><input type="checkbox" name="has[]" value="{{ $value }}"
                                @checked(in_array($value, (array) old('has', ['card']), true))>
                            {{ $words }}</label>
                    @endforeach
                </fieldset>
                <fieldset class="choices">
                    <legend>And</legend>
                    <label><input type="checkbox" name="wet" value="1" @checked(old('wet'))> it is
                        wet</label>
                    <label><input type="checkbox" name="bad_spare" value="1" @checked(old('bad_spare'))> the
                        spare for it
                        is bad too</label>
                </fieldset>
                <button class="main">Make it</button>
            </form>
        </section>
        <section class="sheet" aria-labelledby="h-file">
            <h2 id="h-file">From a file</h2>
            <p>A practice machine of another shop, in the open format <code>orthoscope-practice/1</code>.</p>
            <form method="post" action="{{ route('practice.cases.store') }}" enctype="multipart/form-data" novalidate>
                @csrf
                <div class="field"><label for="f-file">File</label><input id="f-file" type="file"
                        name="file" accept="application/json,.json" required>
                    @error('file')
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                </div>
                <button>Bring it in</button>
            </form>
        </section>
    </div>
</x-layout>
