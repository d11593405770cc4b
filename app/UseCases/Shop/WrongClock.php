<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\KeepingRun;
use App\Models\Message;
use Illuminate\Support\Facades\Cache;

/** What a clock that was wrong for a while leaves behind is mended; what cannot be taken back waits while the date may be wrong. */
final class WrongClock
{
    private const LAST_ROUND = 'shop-clock-last-round';

    /** Seconds that clocks drift by themselves. */
    private const DRIFT = 120;

    /** Days without a night's work after which the date is looked at by somebody before anything is let go. Origin: judgement. */
    private const LEAP_DAYS = 40;

    public static function mend(): void
    {
        if ((int) Cache::get(self::LAST_ROUND, 0) > now()->getTimestamp() + self::DRIFT) {
            // Who tried too often waits until a time of the wrong clock. What else is cached is worked out again.
            Cache::clear();
        }
        Cache::forever(self::LAST_ROUND, now()->getTimestamp());
        $waiting = Message::query()
            ->whereIn('state', ['waiting', 'failed'])
            ->where('updated_at', '>', now()->addSeconds(self::DRIFT))
            ->get();
        foreach ($waiting as $message) {
            // As long as it was to wait then, it waits from now.
            $wait = (int) $message->updated_at?->diffInSeconds($message->next_try_at);
            $message->update(['next_try_at' => now()->addSeconds(max(0, $wait))]);
        }
    }

    /** Days that passed since the last night's work, where they are so many that the date may be wrong; null = all is well. */
    public static function leapt(): ?int
    {
        $last = KeepingRun::query()->where('made_at', '<=', now())->latest('made_at')->first();
        $days = $last === null ? 0 : (int) $last->made_at->diffInDays(now());

        return $days > self::LEAP_DAYS ? $days : null;
    }
}
