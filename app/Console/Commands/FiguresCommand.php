<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Advice\WatchPatterns;
use App\UseCases\Advice\WorkOutHowWell;
use Illuminate\Console\Command;

/** Works out ahead what is slow to work out. */
final class FiguresCommand extends Command
{
    protected $signature = 'shop:figures';

    protected $description = 'Looks for patterns and works out how well the shop does';

    public function handle(WatchPatterns $watch, WorkOutHowWell $howWell): int
    {
        $this->line($watch->look()->body['jobs'].' jobs looked at for patterns, '.$howWell->workOut()->body['jobs'].' for how well');

        return self::SUCCESS;
    }
}
