<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Order;
use App\Models\SupplierClaim;
use Illuminate\Support\Collection;

/** What runs out for the bench: words to suppliers, days of return, spares that should be back. */
final readonly class DueSoon
{
    /**
     * @param  Collection<int, SupplierClaim>  $claims earliest deadline first
     * @param  Collection<int, Order>  $orders whose days of return are nearly over, the next first
     * @param  Collection<int, Job>  $own    machines of ours of which the same is true
     * @param  int  $loans  spares that are overdue
     */
    private function __construct(public Collection $claims, public Collection $orders, public Collection $own, public int $loans)
    {
    }

    public static function now(): self
    {
        return new self(
            SupplierClaim::query()
                ->due()
                ->orderBy('deadline')
                ->get(['id', 'next_at', 'deadline']),
            Order::query()
                ->lastDaysToReturn()
                ->orderBy('return_until')
                ->get(['id', 'tag', 'return_until']),
            Job::query()
                ->open()
                ->whereNotNull('own')
                ->whereBetween('own->return_until', [now()->toDateString(), now()->addDays(SupplierClaim::NEAR)->toDateString()])
                ->orderBy('own->return_until')
                ->get(),
            Loan::query()->whereNull('back_at')->where('due_at', '<', now())->count(),
        );
    }
}
