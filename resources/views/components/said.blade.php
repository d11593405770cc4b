@props(['page'])
<dl class="said">
    @forelse ($page->answered as [$question, $answer, $words])
        <dt>{{ $question->ask }}</dt>
        <dd>{{ $words }}@if ($answer->text)
                <span class="remark">{{ $answer->text }}</span>
            @endif
        </dd>@empty<dt>Nothing was asked.</dt>
        @endforelse
    </dl>
    @if ($page->conversation->outlook->looksLike !== [])
        <p><b>It looked like:</b> {{ implode(' ', $page->conversation->outlook->looksLike) }}</p>
    @endif
