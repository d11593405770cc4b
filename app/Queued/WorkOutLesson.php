<?php

declare(strict_types=1);

namespace App\Queued;

use App\UseCases\Advice\Learn;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out what the lead asked to learn from closed jobs; it plays many of them again. */
final class WorkOutLesson implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds that a worker gives it, and that nobody asks for it again. Origin: judgement. */
    public int $timeout = 3600;

    public int $uniqueFor = 3600;

    public int $tries = 1;

    public function handle(Learn $learn): void
    {
        $learn->workOutWhatWasAsked();
    }
}
