@use(Orthoscope\Core\Catalogue\Own\Settables)
@use(Orthoscope\Core\Catalogue\Own\Unit)
@php
    $money = shop()->money();
@endphp
<x-layout :title="Settables::GROUPS[$group]" nav="shop">
    <x-shop-frame at="numbers" />
    <form method="post" action="{{ route('numbers.update', $group) }}" novalidate
        @if ($typed !== null) data-draft="no" @endif>@csrf
        <div class="head">
            <h1>{{ Settables::GROUPS[$group] }}</h1>
            <p>Left empty, what ships holds.</p>
            <button name="deed" value="look">Try on open jobs</button>
            <button class="main" name="deed" value="save">Save</button>
        </div>
        <x-mistakes />
        <nav class="pages-of small" aria-label="Kinds of numbers">
            @foreach (Settables::GROUPS as $id => $name)
                <a href="{{ route('numbers', $id) }}"
                    @if ($id === $group) aria-current="page" @endif>{{ $name }}</a>
            @endforeach
        </nav>
        @if ($preview !== null)
            <section class="sheet" id="preview">
                <h2>On open jobs it would be</h2>
                @forelse ($preview as $one)
                    <h3><a href="{{ route('jobs.show', $one['job']) }}">{{ $one['job']->tag }}</a>,
                        {{ $one['job']->machine->model }}</h3>
                    <x-compared :rows="$one['rows']" />
                @empty
                    <p>No machine is here to try it on.</p>
                @endforelse
                <p>Nothing is kept yet.</p>
            </section>
        @endif
        <section class="sheet">
            <table class="list numbers">
                <thead>
                    <tr>
                        <th scope="col">What</th>
                        <th scope="col" class="num">Ships</th>
                        <th scope="col">Own</th>
                        <th scope="col">Used in</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($settables as $path => $settable)
                        @php
                            $field = "values[{$path}]";
                            $id = 'v-' . str_replace(['/', '_'], '-', $path);
                            $is = $own[$path] ?? null;
                            $shown = is_bool($is) ? ($is ? '1' : '0') : $settable->say($is, $money);
                            $value = old('values')[$path] ?? ($typed[$path] ?? $shown);
                            $mistake = $errors->first("values.{$path}");
                            $unit = $settable->unit === Unit::Money ? $money->sign : $settable->unit->words();
                        @endphp
                        <tr @class(['own' => $is !== null])>
                            <th scope="row"><label for="{{ $id }}">{{ $settable->name }}</label></th>
                            <td class="num">
                                @if ($settable->shipped === null)
                                    <small>{{ $path === 'economy/keep_data' ? 'not offered' : 'by the minute' }}</small>
                                @else
                                    {{ $settable->say($settable->shipped, $money) }}
                                @endif
                            </td>
                            <td>
                                @if ($settable->unit === Unit::YesNo)
                                    <select id="{{ $id }}" name="{{ $field }}">
                                        <option value="" @selected($value === '' || $value === null)>as it ships</option>
                                        <option value="1" @selected($value === '1')>yes</option>
                                        <option value="0" @selected($value === '0')>no</option>
                                    </select>
                                @else
                                    <input id="{{ $id }}" name="{{ $field }}"
                                        value="{{ $value }}" inputmode="decimal" autocomplete="off"
                                        size="9"
                                        @if ($mistake) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>
                                    <small>{{ $unit }}</small>
                                @endif
                                @if ($mistake)
                                    <p class="error" id="{{ $id }}-error">{{ $mistake }}</p>
                                @endif
                            </td>
                            <td><small>{{ $settable->usedIn }}</small></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    </form>
    <section class="sheet">
        <h2>Changed lately</h2>
        <ul class="changes">
            @forelse ($changes as $change)
                @php
                    $settable = $settables[$change->path];
                    $words = $change->value === null ? 'as it ships' : $settable->say($change->value, $money);
                @endphp
                <li>{{ shop()->date($change->created_at, time: true) }}: {{ $settable->name }}, {{ $words }}
                    <small>{{ $change->user?->name }}</small>
                </li>
            @empty
                <li>Nothing yet: what ships holds.</li>
            @endforelse
        </ul>
    </section>
</x-layout>
