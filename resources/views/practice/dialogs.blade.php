{{-- Deeds at a practice machine: the same drawings and choices as at a real one. What comes of them is not picked, it is answered. --}}
<dialog id="d-start" aria-labelledby="t-start" data-stands="{{ $page->stands() }}">
    <form method="post" action="{{ route('practice.deed', $practice) }}" novalidate>@csrf
        <input type="hidden" name="entry[kind]" value="start">
        <header>
            <h2 id="t-start">Put it together, and start it</h2><span data-step-name></span>
        </header>
        <p>As it stands: <b data-setup-words>as it came</b></p>
        <x-start-set-up :page="$page" />
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Start
                it</button></footer>
    </form>
</dialog>
<dialog id="d-check" aria-labelledby="t-check">
    <form method="post" action="{{ route('practice.deed', $practice) }}" novalidate x-data="check">@csrf
        <input type="hidden" name="entry[kind]" value="finding">
        <header>
            <h2 id="t-check">Look or measure</h2>
        </header>
        <x-look-picker :page="$page" />
        @foreach ($page->choices->checks() as $check)
            <fieldset class="check" data-check="{{ $check->id }}" disabled hidden>
                <legend>{{ ucfirst($check->name) }}</legend>
                @if ($check->target && count($a->machine->ofKind($check->target)) > 1)
                    <div class="field"><label for="c-t-{{ $check->id }}">On</label><select
                            id="c-t-{{ $check->id }}" name="entry[target]">
                            @foreach ($a->machine->ofKind($check->target) as $part)
                                <option value="{{ $part->id }}">{{ $part->name }}</option>
                            @endforeach
                        </select>
                    </div>
                @endif
            </fieldset>
        @endforeach
        <p class="caution">Here nothing can hurt you. At a real machine: lead out before hands go in, never open a
            supply,
            leave house wiring to a licensed electrician.</p>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Look</button>
        </footer>
    </form>
</dialog>
<dialog id="d-act" aria-labelledby="t-act">
    <form method="post" action="{{ route('practice.deed', $practice) }}" novalidate x-data="deed">@csrf
        <input type="hidden" name="entry[kind]" value="act">
        <header>
            <h2 id="t-act">Repair</h2>
        </header>
        <div class="row2">
            <div class="field"><label for="a-act">What you do</label><select id="a-act" name="entry[act]"
                    x-ref="act" x-on:change="choose">
                    @foreach ($page->choices->acts() as $act)
                        <option value="{{ $act->id }}" data-caution="{{ $act->caution }}">{{ $act->name }}
                        </option>
                    @endforeach
                </select></div>
            <div class="field"><label for="a-on">To</label><select id="a-on" name="entry[on]">
                    @foreach ($page->parts() as $part)
                        <option value="{{ $part->id }}">{{ $part->name }}</option>
                    @endforeach
                </select></div>
        </div>
        <p class="caution" x-ref="caution" hidden></p>
        <div class="field" x-ref="agent" hidden><label for="a-agent">Dried after</label><select id="a-agent"
                name="entry[agent]" disabled>
                @foreach (Orthoscope\Core\Evidence\ActDone::AGENTS as $agent => $words)
                    <option value="{{ $agent }}">{{ $words }}</option>
                @endforeach
            </select></div>
        <p><small>What is replaced is bought new. Start it afterwards to see.</small></p>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Do it</button>
        </footer>
    </form>
</dialog>
<dialog id="d-verdict" aria-labelledby="t-verdict" @error('verdict') data-open @enderror>
    <form method="post" action="{{ route('practice.verdict', $practice) }}" novalidate>@csrf
        <header>
            <h2 id="t-verdict">It is this</h2>
        </header>
        @error('verdict')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
        <p>Said once. Then you see what it was, and what each deed told.</p>
        @for ($i = 0; $i < 2; $i++)
            <div class="field"><label
                    for="v-{{ $i }}">{{ $i === 0 ? 'The part at fault' : 'And a second one, where there are two' }}</label><select
                    id="v-{{ $i }}" name="parts[]">
                    <option value="">{{ $i === 0 ? 'choose' : 'none' }}</option>
                    @foreach ($page->parts() as $part)
                        <option value="{{ $part->id }}" @selected(old("parts.{$i}") === $part->id)>{{ $part->name }}</option>
                    @endforeach
                </select></div>
        @endfor
        <div class="field"><label for="v-sure">How sure, percent</label><input id="v-sure" name="sure"
                inputmode="numeric" maxlength="4" value="{{ old('sure') }}"></div>
        <footer><button type="button" class="quiet" data-close>Cancel</button><button class="main">Say it</button>
        </footer>
    </form>
</dialog>
