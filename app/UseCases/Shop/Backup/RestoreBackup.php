<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\UseCases\Shop\Backup\Stores\DataStore;
use App\UseCases\Shop\DataFolder;
use App\UseCases\Shop\KeptFiles;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;

/** Proves a backup, restores it beside what runs, and puts it in its place; what was there before is kept beside it, whole. */
final readonly class RestoreBackup
{
    public function __construct(private ProveBackup $prove, private Filesystem $files, private DataStore $store)
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
        $beside = DataFolder::path().'/restoring-'.bin2hex(random_bytes(4));
        try {
            $proved = $this->prove->unpack($archive, $beside, $password);
            $before = DataFolder::path().'/before-restore-'.now()->format('Ymd-His');
            $this->files->ensureDirectoryExists("{$before}/app", 0700);
            $there = $this->store->replaceBy("{$beside}/{$this->store->name()}", $before);
            $this->swapFiles($beside, $before);

            return $proved + [
                'before' => $there,
                'key' => trim((string) file_get_contents("{$beside}/key.env")) !== 'APP_KEY='.config('app.key'),
            ];
        } finally {
            $this->files->deleteDirectory($beside);
        }
    }

    /** On a disk they change places with what is there; in a store elsewhere they are put to what is there, and nothing is taken away. */
    private function swapFiles(string $beside, string $before): void
    {
        $from = "{$beside}/".rtrim(MakeBackup::FILES, '/');
        if (! is_dir($from)) {
            return;
        }
        if (KeptFiles::areHere()) {
            $there = rtrim(Storage::path(''), '/');
            is_dir($there) && $this->files->moveDirectory($there, "{$before}/app/private");
            $this->files->moveDirectory($from, $there);

            return;
        }
        foreach ($this->files->allFiles($from) as $file) {
            $in = fopen($file->getPathname(), 'rb');
            $in === false || Storage::put($file->getRelativePathname(), $in);
        }
    }
}
