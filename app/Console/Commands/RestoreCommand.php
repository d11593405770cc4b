<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\Backup\BackupFailed;
use App\UseCases\Shop\Backup\ProveBackup;
use App\UseCases\Shop\Backup\RestoreBackup;
use Illuminate\Console\Command;

/** Proves an archive, and puts it in the place of what is there. */
final class RestoreCommand extends Command
{
    protected $signature = 'shop:restore {archive} {--password-file= : unlocks it with what stands there} {--only-prove : changes nothing}
        {--yes : asks nothing}';

    protected $description = 'Proves a backup and restores it; what was there before is kept beside it';

    public function handle(ProveBackup $prove, RestoreBackup $restore): int
    {
        $archive = $this->argument('archive');
        $file = $this->option('password-file');
        $password = is_string($file) ? trim((string) @file_get_contents($file)) : '';
        try {
            $proved = $prove->drill($archive, $password);
            $this->line(
                "It is whole, made {$proved['made']}: {$proved['rows']['jobs']} jobs with {$proved['rows']['entries']} entries.",
            );
            if ($this->option('only-prove')) {
                return self::SUCCESS;
            }
            if (! $this->option('yes') && ! $this->confirm('Put it in the place of what is there? What is there is kept beside it.')) {
                $this->line('Nothing was changed.');

                return self::SUCCESS;
            }
            $done = $restore->from($archive, $password);
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->line("Restored. What was there before lies in {$done['before']}.");
        if ($done['key']) {
            $this->warn(
                'The backup was made with another key. Put the line of key.env in the archive into .env, or secrets do not open.',
            );
        }

        return self::SUCCESS;
    }
}
