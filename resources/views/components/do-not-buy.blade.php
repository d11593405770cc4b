@foreach ($bulletins as $bulletin)
    <p class="notice" role="note"><b>Do not buy {{ $bulletin->model }}.</b> {{ $bulletin->words }}</p>
@endforeach
