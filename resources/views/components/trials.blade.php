@props(['page', 'job' => null])
{{-- The record as a sheet of trials, newest first. --}}
<div class="scroll" tabindex="0" role="group" aria-label="Entries, newest first">
    <table class="trials">
        <thead>
            <tr>
                <th scope="col"><span class="visually-hidden">Entry</span></th>
                <th scope="col">what was done</th>
                @foreach ($page->sheet->columns() as $part)
                    <th scope="col" class="cell" title="{{ $part->name }}">
                        {{ $part->kind->many ? $part->name : $part->kind->short }}</th>
                @endforeach
                <th scope="col" class="cell">place</th>
                <th scope="col">how far it got</th>
                <th scope="col"><span class="visually-hidden">Strike out</span></th>
            </tr>
        </thead>
        <tbody>
            @forelse ($page->rows() as $row)
                @php
                    $entry = $row->entry;
                @endphp

                <tr class="{{ $entry->kind() }} {{ $row->struck ? 'struck' : '' }}" data-entry="{{ $entry->number }}">
                    <th scope="row" class="num">
                        @if ($job)
                            <a href="{{ route('why.then', [$job, $entry->number]) }}"
                                title="What was known then">{{ $entry->number }}</a>
                        @else
                            {{ $entry->number }}
                        @endif
                        @if ($row->isNew)
                            <span class="new">new</span>
                        @endif
                    </th>
                    <td><b>{{ $page->words->what($entry) }}</b><small>{{ $row->at->format('H:i') }}
                            {{ $row->by }}</small></td>
                    @if ($row->thumb)
                        @foreach ($page->sheet->columns() as $part)
                            @php
                                $cell = $page->sheet->cell($part, $entry);
                            @endphp

                            <td @class([
                                'cell',
                                'out' => $cell === '–',
                                'is-lent' => $entry->setUp->isLent($part->id),
                            ])>
                                {{ $cell }}</td>
                        @endforeach
                        <td class="cell">{{ $page->sheet->place($entry) }}</td>
                        <td>{{ $row->thumb }}<small>{{ $page->words->outcome($entry) }}</small>
                            @if ($entry->text !== '')
                                <small class="remark">{{ $entry->text }}</small>
                            @endif
                        </td>
                    @elseif ($entry instanceof Orthoscope\Core\Evidence\ActDone)
                        @foreach ($page->sheet->columns() as $part)
                            <td class="cell {{ $page->sheet->actCell($part, $entry) === '' ? '' : 'acted' }}">
                                {{ $page->sheet->actCell($part, $entry) }}</td>
                        @endforeach
                        <td></td>
                        <td>
                            @if ($entry->text !== '')
                                <small class="remark">{{ $entry->text }}</small>
                            @endif
                        </td>
                    @else
                        <td colspan="{{ count($page->sheet->columns()) + 2 }}">
                            {{ $page->words->outcome($entry) }}@if ($entry->text !== '')
                                <small class="remark">{{ $entry->text }}</small>
                            @endif
                            @foreach ($row->beside as $words)
                                <small class="beside">{{ $words }}</small>
                            @endforeach
                        </td>
                    @endif
                    <td>
                        @if ($row->struck)
                            <small>struck out: {{ $row->struck->text }}</small>
                        @elseif ($job && $row->canBeStruck())
                            <button type="button" class="quiet" data-dialog="strike"
                                data-fill='@json(['entry[entry]' => $entry->number])' x-on:click="open"
                                aria-label="Strike out entry {{ $entry->number }}">strike</button>
                        @endif
                    </td>
                </tr>
                @empty
                    <tr>
                        <td colspan="5">Nothing on the record yet.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </div>
