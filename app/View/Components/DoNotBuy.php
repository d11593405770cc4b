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

    public function __construct()
    {
        $this->bulletins = ShopBelief::notToBuy();
    }

    public function render(): View
    {
        return view('components.do-not-buy');
    }
}
