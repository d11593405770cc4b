<?php

declare(strict_types=1);

namespace App\Queued;

use App\UseCases\Shop\Backup\KeepBackups;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** By night: one backup, its drill once a week, and those that are over cleared away. */
final class MakeTheNightsBackup implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds that a worker gives it, and that nobody asks for it again. Origin: judgement. */
    public int $timeout = 3600;

    public int $uniqueFor = 3600;

    public int $tries = 1;

    public function handle(KeepBackups $backups): void
    {
        $backups->tonight();
    }
}
