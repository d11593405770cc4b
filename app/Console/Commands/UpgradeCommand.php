<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup\UpgradeData;
use App\UseCases\Shop\Backup\UpgradeFailed;
use Illuminate\Console\Command;

/** Brings the data of an older version up to date, and goes back by itself where they are not well afterwards. */
final class UpgradeCommand extends Command
{
    protected $signature = 'shop:upgrade';

    protected $description = 'Copies the data, brings them up to date, looks at them, and goes back if they are not well';

    public function handle(UpgradeData $upgrade): int
    {
        try {
            $this->line($upgrade->now());
        } catch (UpgradeFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
