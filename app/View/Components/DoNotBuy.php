<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Bulletin;
use App\UseCases\Shop\ShopBelief;
use Illuminate\View\Component;
use Illuminate\View\View;

/** What the shop buys no more of, by its bulletins, wherever something is ordered or bought. */
final class DoNotBuy extends Component
{
    /** @var list<Bulletin> */
    public readonly array $bulletins;

    /** @param  ?string  $named only those that warn of what has this name; null for all */
    public function __construct(?string $named = null)
    {
        $this->bulletins = array_values(
            array_filter(ShopBelief::notToBuy(), fn (Bulletin $bulletin): bool => $named === null || $bulletin->names($named)),
        );
    }

    public function render(): View
    {
        return view('components.do-not-buy');
    }
}
