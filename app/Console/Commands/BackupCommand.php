<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup\KeepBackups;
use App\UseCases\Shop\Backup\MakeBackup;
use Illuminate\Console\Command;

/** One consistent archive while people work. */
final class BackupCommand extends Command
{
    protected $signature = 'shop:backup {folder? : where to; else where the shop said} {--password-file= : locks it with what stands there}
        {--prove : restores it into a scratch place at once}';

    protected $description = 'Makes one archive of all that a restore needs';

    public function handle(MakeBackup $make, KeepBackups $keep): int
    {
        $asked = $this->argument('folder');
        $folder = is_string($asked) ? $asked : shop()->backupFolder;
        if ($folder === '') {
            $this->error('Say where to: bin/backup FOLDER, or set the folder on the page of the shop.');

            return self::INVALID;
        }
        $file = $this->option('password-file');
        $backup = $make->into($folder, is_string($file) ? trim((string) @file_get_contents($file)) : shop()->backupPassword());
        if ($backup->error !== '') {
            $this->error($backup->error);

            return self::FAILURE;
        }
        $this->line("{$backup->path}, ".number_format($backup->bytes / 1024).' kB');
        if ($this->option('prove')) {
            $keep->drill($backup);
            $this->line("proved: {$backup->refresh()->proof}");
        }

        return self::SUCCESS;
    }
}
