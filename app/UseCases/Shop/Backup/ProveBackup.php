<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\Models\EntryChain;
use App\UseCases\Shop\Backup\Stores\DataStore;
use Illuminate\Filesystem\Filesystem;
use JsonException;
use ZipArchive;

/** Unpacks a backup into a scratch place and proves it: every checksum, the database's own check, the rows, the chains of the record. */
final readonly class ProveBackup
{
    public function __construct(private Filesystem $files, private DataStore $store)
    {
    }

    /**
     * @param  string  $into a folder that is not there yet; what was unpacked lies in it afterwards
     *
     * @return array{made: string, rows: array<string, int>} what the manifest says of it
     *
     * @throws BackupFailed that says what is wrong with it
     */
    public function unpack(string $archive, string $into, string $password = ''): array
    {
        $zip = new ZipArchive;
        if (! is_file($archive) || $zip->open($archive) !== true) {
            throw BackupFailed::because("{$archive} is no archive that can be opened. Take another one.");
        }
        $password === '' || $zip->setPassword($password);
        $manifest = $this->manifest($zip);
        $this->files->ensureDirectoryExists($into, 0700);
        foreach (array_keys($manifest['sha256']) as $name) {
            // A name that leads out of the folder is none of ours.
            if (str_contains($name, '..') || str_starts_with($name, '/')) {
                throw BackupFailed::because("The archive holds a file named {$name}; it was not made by this program.");
            }
            if (! $zip->extractTo($into, $name)) {
                throw BackupFailed::because("{$name} cannot be read out of the archive: it is broken, or the password is another.");
            }
            if (! hash_equals($manifest['sha256'][$name], (string) hash_file('sha256', "{$into}/{$name}"))) {
                throw BackupFailed::because("{$name} is not what it was when the backup was made. Take another one.");
            }
        }
        $zip->close();
        $this->proveDatabase("{$into}/{$this->store->name()}", $manifest['rows']);

        return ['made' => $manifest['made'], 'rows' => $manifest['rows']];
    }

    /**
     * The same in a scratch place that is cleared away again: the drill.
     *
     * @return array{made: string, rows: array<string, int>}
     *
     * @throws BackupFailed
     */
    public function drill(string $archive, string $password = ''): array
    {
        $scratch = sys_get_temp_dir().'/orthoscope-drill-'.bin2hex(random_bytes(6));
        try {
            return $this->unpack($archive, $scratch, $password);
        } finally {
            $this->files->deleteDirectory($scratch);
        }
    }

    /** @return array{made: string, rows: array<string, int>, sha256: array<string, string>} */
    private function manifest(ZipArchive $zip): array
    {
        $text = $zip->getFromName(MakeBackup::MANIFEST);
        try {
            $read = $text === false ? null : json_decode($text, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $read = null;
        }
        if (! is_array($read) || ($read['format'] ?? null) !== MakeBackup::FORMAT) {
            throw BackupFailed::because(
                'The archive has no manifest that can be read: it is no backup of this program, or the password is another.',
            );
        }

        return [
            'made' => (string) $read['made'],
            'rows' => array_map(intval(...), (array) $read['rows']),
            'sha256' => array_map(strval(...), (array) $read['sha256']),
        ];
    }

    /** @param  array<string, int>  $rows */
    private function proveDatabase(string $copy, array $rows): void
    {
        is_file($copy) || throw BackupFailed::because(
            'It was made where the rows are kept otherwise than here. Restore it there, and bring the shop over by bin/export and '
                .'bin/import.',
        );
        $this->store->open($copy, fn (string $connection) => $this->proveRows($connection, $rows));
    }

    /** @param  array<string, int>  $rows */
    private function proveRows(string $connection, array $rows): void
    {
        $now = Counted::rows($connection);
        foreach ($rows as $table => $count) {
            if (($now[$table] ?? null) !== $count) {
                throw BackupFailed::because("It should hold {$count} rows of {$table} and holds ".($now[$table] ?? 'none').'.');
            }
        }
        $broken = EntryChain::broken($connection);
        if ($broken !== []) {
            throw BackupFailed::because('The record of '.count($broken).' jobs in it does not hang together.');
        }
    }
}
