<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use App\Models\Order;
use App\Models\Quote;
use Illuminate\Support\Carbon;
use Orthoscope\Core\HandBack\Awaited;

/** What a job waits for from outside: an answer of its owner, a part on its way. */
final readonly class AwaitedByJob
{
    /** @param  ?Carbon  $due when the answer or the part is due */
    private function __construct(public Awaited $awaited, public ?Carbon $due)
    {
    }

    public static function on(Job $job): self
    {
        $order = Order::query()->where('job_id', $job->id)->where('state', 'ordered')->orderBy('due_at')->first();
        $quote = Quote::query()->where('job_id', $job->id)->where('state', 'out')->where('valid_until', '>', now())->first();
        $awaited = new Awaited(
            answer: $quote !== null,
            part: $order?->name,
            parked: $job->parked['step'] ?? null,
            spareHere: $job->spare_here,
        );

        return new self($awaited, $quote !== null ? $quote->valid_until : $order?->due_at);
    }

    public static function none(): self
    {
        return new self(new Awaited, null);
    }
}
