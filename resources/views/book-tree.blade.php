<x-layout :title="'Tree: ' . $reach->name" nav="book">
    <div class="book-page tree-page">
        <p class="crumbs noprint"><a href="{{ route('book') }}">Handbook</a> · <a href="{{ route('book.cards') }}">Bench
                cards</a></p>
        <div class="head">
            <h1>A machine that {{ $reach->id === 'nothing' ? 'does nothing' : 'runs and stays dark' }}</h1>
            <p>For a day without electricity.
                {{ $card ? 'With a card of its own' : 'Without a card' }},
                {{ $lamps ? 'status lamps on the board' : 'no status lamps' }}, two sticks, one drive, and good spares
                at hand.
            </p>
        </div>
        <form class="book-find noprint" method="get" action="{{ route('book.tree', $reach->id) }}" data-draft="no">
            <label>Card <select name="card">
                    <option value="1" @selected($card)>yes</option>
                    <option value="0" @selected(!$card)>no</option>
                </select></label>
            <label>Status lamps <select name="lamps">
                    <option value="1" @selected($lamps)>yes</option>
                    <option value="0" @selected(!$lamps)>no</option>
                </select></label>
            <button>Work it out</button> <button type="button" class="quiet" x-data="printer"
                x-on:click="print">Print</button>
        </form>
        <section class="sheet">
            <p class="caution">Lead out before hands go in. Wet, burnt or after a shock: no power, and no tree. A power
                supply is never
                opened.</p>
            <p>By the model it ends at a part that is at fault in <b>{{ (int) round(100 * $tree->root->right()) }} of
                    100</b> such
                machines, after {{ (int) round($tree->root->minutes()) }} min on average; what it shows on no branch is
                counted as missed. The adviser goes on where paper ends.</p>
            <ol class="tree">
                <li><x-twig :twig="$tree->root" /></li>
            </ol>
        </section>
    </div>
</x-layout>
