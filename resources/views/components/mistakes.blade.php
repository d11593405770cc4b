{{-- At the head of a form that was not taken: how many things are wrong. What each is stands beside its field. --}}
@if ($errors->any())
    <p class="error summary" role="alert">
        {{ $errors->count() === 1 ? 'One thing is' : $errors->count() . ' things are' }} missing or not right; see
        beside the
        fields. Nothing you typed is lost.</p>
@endif
