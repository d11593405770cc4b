<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\CollectNotice;
use App\Models\Job;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Money;

/** What storage comes to by the shop's terms: from so many days after the first dated notice. Whether it may be asked, the law decides. */
final class StorageDue
{
    /** Whole days that could be charged by now. */
    public static function days(Job $job): int
    {
        $terms = app(Catalogue::class)->economy->storage;
        $first = CollectNotice::query()->where('job_id', $job->id)->oldest('id')->first();

        return $terms->perDay === 0 || $first === null
            ? 0
            : max(0, (int) $first->created_at->copy()->addDays($terms->after)->diffInDays(now(), false));
    }

    /** Minor units with tax. */
    public static function gross(int $days): int
    {
        $economy = app(Catalogue::class)->economy;
        $net = Money::of($days * $economy->storage->perDay);

        return $net->plus($net->share($economy->tax))->minor;
    }
}
