<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Job;
use App\Models\Order;
use App\UseCases\Parts\OrderParts;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** An order with what can be done with it now. */
final class OrderLine extends Component
{
    private const PARCELS = [
        'fine' => 'what was ordered',
        'wrong' => 'something else',
        'damaged' => 'what was ordered, but it was dropped',
    ];

    public function __construct(public Order $order, private readonly OrderParts $orders, public ?Job $job = null)
    {
    }

    public function render(): View
    {
        return view('components.order-line', [
            'parcel' => $this->order->state === 'ordered' ? self::PARCELS[$this->orders->parcel($this->order) ?? ''] ?? null : null,
            'heldFor' => $this->order->state === 'held' ? $this->orders->heldFor($this->order) : '',
        ]);
    }
}
