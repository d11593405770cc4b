@props(['catalogue', 'part'])
@php
    $kind = $catalogue->parts[$part];
    $at = $catalogue->stageIndex($kind->at);
@endphp
<svg class="chain-place" viewBox="0 0 300 {{ 26 * $catalogue->stageCount() + 10 }}" role="img"
    aria-label="{{ $kind->name }} hangs from {{ $catalogue->stages[$kind->at]->name }}">
    <path class="trace solid" d="M16 16V{{ 26 * $at + 16 }}" />
    <path class="trace beyond" d="M16 {{ 26 * $at + 16 }}V{{ 26 * ($catalogue->stageCount() - 1) + 16 }}" />
    @foreach (array_values($catalogue->stages) as $i => $stage)
        <rect class="pad {{ $i < $at ? 'reached' : ($i === $at ? 'stopped' : 'beyond') }}" x="9" y="{{ 26 * $i + 9 }}"
            width="14" height="14" rx="3" />
        <text class="stage" x="32" y="{{ 26 * $i + 20 }}">{{ $stage->name }}</text>
    @endforeach
    <path class="stem" d="M150 {{ 26 * $at + 16 }}h22" />
    <text class="name" x="178" y="{{ 26 * $at + 20 }}">{{ $kind->name }}</text>
</svg>
