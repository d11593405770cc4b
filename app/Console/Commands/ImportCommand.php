<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup\BackupFailed;
use App\UseCases\Shop\Backup\ImportShop;
use Illuminate\Console\Command;

/** An open archive into an empty installation. */
final class ImportCommand extends Command
{
    protected $signature = 'shop:import {file}';

    protected $description = 'Reads an open archive into an installation in which nobody has done anything yet';

    public function handle(ImportShop $import): int
    {
        try {
            $rows = $import->from($this->argument('file'));
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->line(
            array_sum($rows).
                ' rows of '.
                count($rows).
                ' kinds were read. Passwords of servers and second factors have to be set anew.',
        );

        return self::SUCCESS;
    }
}
