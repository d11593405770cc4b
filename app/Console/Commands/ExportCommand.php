<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup\BackupFailed;
use App\UseCases\Shop\Backup\ExportShop;
use Illuminate\Console\Command;

/** The whole shop as one open archive, so that data are never locked in. */
final class ExportCommand extends Command
{
    protected $signature = 'shop:export {file}';

    protected $description = 'Writes the whole shop as one open archive (docs/formats)';

    public function handle(ExportShop $export): int
    {
        $file = $this->argument('file');
        try {
            $rows = $export->to($file);
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->line("{$file}: ".array_sum($rows).' rows of '.count($rows).' kinds.');

        return self::SUCCESS;
    }
}
