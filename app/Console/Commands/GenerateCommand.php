<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Jobs\GenerateJobs;
use Illuminate\Console\Command;

/** Fills the shop with closed jobs of earlier years. */
final class GenerateCommand extends Command
{
    protected $signature = 'shop:generate {count : how many jobs} {--seed=history : the same seed gives the same jobs}';

    protected $description = 'Makes closed jobs with entries, to measure with';

    public function handle(GenerateJobs $generate): int
    {
        $generate->make(max(1, (int) $this->argument('count')), (string) $this->option('seed'));

        return self::SUCCESS;
    }
}
