{{-- Words of the shop on a paper; nothing where it set none. --}}
@props(['id', 'job', 'heading' => null, 'facts' => []])
@php
    $paragraphs = app(Orthoscope\Core\Catalogue\Catalogue::class)->texts[$id]->paragraphs(
        $facts + App\UseCases\Owners\FactsForWords::of($job),
    );
@endphp
@if ($heading && $paragraphs !== [])
    <h2>{{ $heading }}</h2>
@endif
@foreach ($paragraphs as $paragraph)
    <p>{{ $paragraph }}</p>
@endforeach
