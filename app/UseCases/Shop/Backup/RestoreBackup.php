<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** Proves a backup, restores it beside what runs, and puts it in its place; what was there before is kept beside it, whole. */
final readonly class RestoreBackup
{
    public function __construct(private ProveBackup $prove, private Filesystem $files)
    {
    }

    /**
     * @return array{made: string, rows: array<string, int>, before: string, key: bool} with where what was there before lies, and whether
     *     the key of the backup is another than the one that is used here
     *
     * @throws BackupFailed before anything was touched
     */
    public function from(string $archive, string $password = ''): array
    {
        $database = (string) config('database.connections.sqlite.database');
        $beside = dirname($database).'/restoring-'.bin2hex(random_bytes(4));
        try {
            $proved = $this->prove->unpack($archive, $beside, $password);
            $before = dirname($database).'/before-restore-'.now()->format('Ymd-His');
            $this->files->ensureDirectoryExists("{$before}/app", 0700);
            DB::disconnect();
            $this->swap($database, $beside, $before);

            return $proved + [
                'before' => $before,
                'key' => trim((string) file_get_contents("{$beside}/key.env")) !== 'APP_KEY='.config('app.key'),
            ];
        } finally {
            $this->files->deleteDirectory($beside);
        }
    }

    private function swap(string $database, string $beside, string $before): void
    {
        // The write-ahead file belongs to the database it stands beside: both go together.
        foreach (['', '-wal', '-shm'] as $end) {
            is_file($database.$end) && rename($database.$end, "{$before}/".basename($database).$end);
        }
        rename("{$beside}/".MakeBackup::DATABASE, $database)
            || throw BackupFailed::because("{$database} could not be written; the old one lies in {$before}.");
        $folders = is_dir("{$beside}/files") ? $this->files->directories("{$beside}/files") : [];
        foreach ($folders as $folder) {
            $name = basename($folder);
            $there = storage_path("app/{$name}");
            is_dir($there) && $this->files->moveDirectory($there, "{$before}/app/{$name}");
            $this->files->moveDirectory($folder, $there);
        }
    }
}
