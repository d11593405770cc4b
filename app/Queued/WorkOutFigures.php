<?php

declare(strict_types=1);

namespace App\Queued;

use App\UseCases\Advice\WatchPatterns;
use App\UseCases\Advice\WorkOutHowWell;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks for patterns in all closed jobs, and works out how well the shop does: once a day. */
final class WorkOutFigures implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds that a worker gives it, and that nobody asks for it again. Origin: judgement. */
    public int $timeout = 3600;

    public int $uniqueFor = 3600;

    public int $tries = 1;

    public function handle(WatchPatterns $watch, WorkOutHowWell $howWell): void
    {
        $watch->look();
        $howWell->workOut();
    }
}
