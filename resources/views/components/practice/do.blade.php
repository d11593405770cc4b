@props(['practice', 'card'])
{{-- A step of the adviser, to be done: what it may come to stands beside it, and the machine answers. --}}
<ul class="may">
    @foreach (array_slice($card->buttons, 0, 4) as $button)
        <li>{{ $button['outcome']->words }}
            <small>{{ \Orthoscope\Core\Plain\Percent::whole($button['outcome']->probability) }}&nbsp;% ·
                {{ $button['outcome']->meaning }}</small>
        </li>
    @endforeach
</ul>
<form method="post" action="{{ route('practice.deed', $practice) }}" class="press">@csrf
    <input type="hidden" name="written" value="{{ $card->buttons[0]['written'] }}">
    <button class="outcome" data-key="a"><b>do it</b><kbd aria-hidden="true">a</kbd></button>
</form>
