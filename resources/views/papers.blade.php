<x-layout :title="'Papers ' . $job->tag" nav="job">
    <x-job-frame :job="$job" />
    <div class="head">
        <h1>Papers</h1>
        <p>Kept by exact model</p>
    </div>
    <div class="columns two">
        <section class="sheet">
            <h2>{{ $papers->count() ?: 'Nothing' }} kept</h2>
            @if ($papers->isEmpty())
                <p>Nobody has kept anything of this model. If you look and find nothing, keep that too: the next one
                    need not look.</p>
            @endif
            <ul class="papers">
                @foreach ($papers as $paper)
                    <li><b>{{ App\Models\Paper::KINDS[$paper->kind] }}</b> {{ $paper->title }}
                        @if ($paper->file)
                            <br><a href="{{ route('papers.show', $paper) }}">{{ $paper->file_name }}</a> <small
                                class="num">SHA-256
                                {{ substr((string) $paper->checksum, 0, 16) }}…</small>
                        @endif
                        <br><small>{{ $paper->user->name }}, {{ shop()->date($paper->created_at) }}</small>
                    </li>
                @endforeach
            </ul>
            @if ($map !== [])
                <h2>What good ones read</h2>
                <p><small>From closed jobs with the same model whose cause lay elsewhere; their middle.</small></p>
                <table class="list">
                    <tbody>
                        @foreach ($map as $id => $values)
                            @php
                                $check = $catalogue->check($id);
                                $rows = array_column($catalogue->limits[$check->limit]->values, null, 'id');
                            @endphp
                            @foreach ($values as $value)
                                <tr>
                                    <td>{{ $loop->first ? ucfirst($check->name) : '' }}</td>
                                    <td>{{ $rows[$value->value]->name }}</td>
                                    <td class="num">{{ round($value->middle, 2) }} {{ $rows[$value->value]->unit }}
                                    </td>
                                    <td class="num">{{ $value->of }}</td>
                                </tr>
                            @endforeach
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <form class="sheet" method="post" action="{{ route('papers.store', $job) }}" enctype="multipart/form-data"
            novalidate>@csrf
            <h2>Keep one</h2>
            <fieldset class="choices stack">
                <legend>What is it?</legend>
                @foreach (App\Models\Paper::KINDS as $kind => $words)
                    <label><input type="radio" name="kind" value="{{ $kind }}"
                            @checked(old('kind', 'note') === $kind)>
                        {{ $words }}</label>
                @endforeach @error('kind')
                <p class="error">{{ $message }}</p>
            @enderror
        </fieldset>
        <x-field name="title" label="Called, or where you looked" maxlength="200" autocomplete="off" />
        <div class="field"><label for="f-file">File on our own disk</label><input id="f-file" type="file"
                name="file" @error('file') aria-invalid="true" aria-describedby="f-file-error" @enderror>
            @error('file')
                <p class="error" id="f-file-error">{{ $message }}</p>
            @enderror
            <small>Up to 32 MB. Nothing is fetched from elsewhere.</small>
        </div>
        <p class="caution">Firmware: only an image for exactly this board and chip, and never cut the power while it
            is written.</p>
        <button class="main">Save paper</button>
    </form>
</div>
</x-layout>
