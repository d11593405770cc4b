<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Bulletin;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\View\Component;
use Illuminate\View\View;

/** What the shop buys no more of, by its bulletins, wherever something is ordered or bought. */
final class DoNotBuy extends Component
{
    /** @var Collection<int, Bulletin> */
    public readonly Collection $bulletins;

    public function __construct()
    {
        $this->bulletins = Bulletin::query()->inForce()->where('do_not_buy', true)->orderBy('model')->get();
    }

    public function render(): View
    {
        return view('components.do-not-buy');
    }
}
