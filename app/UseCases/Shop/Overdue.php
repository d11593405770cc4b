<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** Owners who should have heard by now, and the hour that can be promised to them next. */
final readonly class Overdue
{
    /** So many are listed, those who wait longest first. */
    private const LISTED = 20;

    /** @param  Collection<int, Job>  $jobs */
    private function __construct(public int $count, public Collection $jobs, public Carbon $next)
    {
    }

    public static function now(): self
    {
        $late = Job::query()->open()->where('next_word_at', '<', now());

        return new self(
            (clone $late)->count(),
            $late->with('machine.owner')->orderBy('next_word_at')->limit(self::LISTED)->get(),
            PromiseNextWord::for(),
        );
    }

    public function more(): int
    {
        return $this->count - $this->jobs->count();
    }
}
