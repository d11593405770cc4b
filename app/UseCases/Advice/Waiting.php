<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use App\Models\Order;
use App\Models\Quote;
use Illuminate\Support\Carbon;

/** What a job waits for from outside: an answer of its owner, a part on its way. */
final readonly class Waiting
{
    /**
     * @param  ?string  $part what is on its way
     * @param  ?string  $parked what would be done once a spare comes that nobody has
     * @param  ?string  $spareHere tag of the spare that came for it
     */
    private function __construct(public bool $answer, public ?string $part, public ?Carbon $due, public ?string $parked = null, public ?string $spareHere = null)
    {
    }

    public static function on(Job $job): self
    {
        $order = Order::query()->where('job_id', $job->id)->where('state', 'ordered')->orderBy('due_at')->first();
        $quote = Quote::query()->where('job_id', $job->id)->where('state', 'out')->where('valid_until', '>', now())->first();

        return new self($quote !== null, $order?->name, $quote !== null ? $quote->valid_until : $order?->due_at, $job->parked['step'] ?? null, $job->spare_here);
    }

    public static function none(): self
    {
        return new self(false, null, null);
    }

    public function words(): ?string
    {
        return match (true) {
            $this->answer => 'Answer to the quote',
            $this->part !== null => $this->part,
            $this->spareHere !== null => "{$this->spareHere} is here",
            $this->parked !== null => "Waits for a spare: {$this->parked}",
            default => null,
        };
    }
}
