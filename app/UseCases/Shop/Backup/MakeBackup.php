<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\Models\Backup;
use App\UseCases\Shop\Backup\Stores\DataStore;
use App\UseCases\Shop\CoreVersion;
use App\UseCases\Shop\KeptFiles;
use Illuminate\Support\Facades\DB;
use Throwable;
use ZipArchive;

/**
 * One archive of all that a restore needs, consistent while people work: the database as one moment has it, photographs, papers and the
 * picture of the shop, and the key that its secrets and addresses are locked with. A manifest holds the checksum of every file.
 */
final readonly class MakeBackup
{
    public const FORMAT = 'orthoscope-backup/1';

    public const MANIFEST = 'manifest.json';

    /** Where the kept files stand in an archive. */
    public const FILES = 'files/private/';

    public function __construct(private CoreVersion $version, private DataStore $store)
    {
    }

    /** Made and written down; what failed is written down too, for the lead to see. */
    public function into(string $folder, string $password = ''): Backup
    {
        $backup = new Backup(['made_at' => now()]);
        try {
            $path = $this->archive($folder, $password);
            $backup->fill(['path' => $path, 'bytes' => (int) filesize($path)]);
        } catch (Throwable $failed) {
            report($failed);
            $backup->fill(['error' => mb_strimwidth($failed->getMessage(), 0, 480, '…')]);
        }
        $backup->save();

        return $backup;
    }

    /**
     * @return string where it lies
     *
     * @throws BackupFailed
     */
    public function archive(string $folder, string $password = ''): string
    {
        if (! is_dir($folder) || ! is_writable($folder)) {
            throw BackupFailed::because("{$folder} is no folder that can be written. Mount the disk, or choose another folder.");
        }
        $name = 'orthoscope-'.now()->format('Ymd-His').'.zip';
        $copy = tempnam($folder, '.orthoscope-') ?: throw BackupFailed::because("Nothing can be written to {$folder}.");
        $unfinished = "{$folder}/.{$name}.part";
        $files = new KeptFiles;
        try {
            unlink($copy);
            $this->store->copyTo($copy);
            $this->zip($unfinished, $copy, $files, $password);
            // It has its name only once it is whole.
            rename($unfinished, "{$folder}/{$name}") || throw BackupFailed::because("{$folder}/{$name} could not be written.");
        } finally {
            @unlink($copy);
            @unlink($unfinished);
            $files->clear();
        }

        return "{$folder}/{$name}";
    }

    private function zip(string $path, string $database, KeptFiles $files, string $password): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw BackupFailed::because("{$path} could not be begun.");
        }
        $password === '' || $zip->setPassword($password);
        $sums = [];
        $add = function (string $name, string $file) use ($zip, $password, &$sums): void {
            $sums[$name] = (string) hash_file('sha256', $file);
            $zip->addFile($file, $name);
            $password === '' || $zip->setEncryptionName($name, ZipArchive::EM_AES_256);
        };
        $add($this->store->name(), $database);
        foreach ($files->all() as $name => $file) {
            $add(self::FILES.$name, $file);
        }
        $key = 'APP_KEY='.config('app.key')."\n";
        $manifest = json_encode([
            'format' => self::FORMAT,
            'made' => now()->toIso8601String(),
            'version' => $this->version->word(),
            'migrations' => DB::table('migrations')->orderBy('id')->pluck('migration')->all(),
            'rows' => Counted::rows(),
            'sha256' => $sums + ['key.env' => hash('sha256', $key)],
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        foreach ([self::MANIFEST => $manifest, 'key.env' => $key] as $name => $bytes) {
            $zip->addFromString($name, $bytes);
            $password === '' || $zip->setEncryptionName($name, ZipArchive::EM_AES_256);
        }
        if (! $zip->close()) {
            throw BackupFailed::because("{$path} could not be written whole: is the disk full?");
        }
    }
}
