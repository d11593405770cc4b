{{-- What other numbers would change on a job: as it is, as it would be. --}}
@props(['rows'])
<dl class="compared">
    @foreach ($rows as $what => [$is, $would])
        <dt>{{ $what }}</dt>
        <dd>
            @if ($is === $would)
                {{ $is }} <small>as now</small>
            @else
                <s>{{ $is }}</s> <b>{{ $would }}</b>
            @endif
        </dd>
    @endforeach
</dl>
