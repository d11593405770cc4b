<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\UseCases\Shop\Backup\Stores\DataStore;
use App\UseCases\Shop\DataFolder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\File;
use Throwable;

/** Data of an older version: copied, brought up to date, looked at; where they are not well, the copy is put back. */
final readonly class UpgradeData
{
    /** What must be well after it. */
    private const LOOKS = ['the database', 'what belongs together', 'the record'];

    public function __construct(private Checkup $checkup, private Kernel $artisan, private DataStore $store)
    {
    }

    /**
     * @return string what was done, in a sentence
     *
     * @throws UpgradeFailed with the data as they were
     */
    public function now(): string
    {
        try {
            return $this->broughtUp();
        } catch (QueryException $failed) {
            // Without any room left they cannot even be read.
            $why = mb_strimwidth((string) $failed->getPrevious()?->getMessage(), 0, 160, '…');
            throw UpgradeFailed::because("they cannot be read; is there room on the disk? It says: {$why}");
        }
    }

    private function broughtUp(): string
    {
        $isNew = $this->store->isNew();
        if (! $isNew && $this->pending() === []) {
            return 'The data are of this version.';
        }
        $name = 'before-upgrade-'.now()->format('Ymd-His').'-'.bin2hex(random_bytes(2));
        $copy = $isNew ? null : DataFolder::path()."/{$name}.".pathinfo($this->store->name(), PATHINFO_EXTENSION);
        try {
            $copy === null || $this->store->copyTo($copy);
        } catch (BackupFailed $failed) {
            throw UpgradeFailed::because($failed->getMessage());
        }
        try {
            $this->artisan->call('migrate', ['--force' => true]);
            $ill = array_filter(array_intersect_key($this->checkup->all(), array_flip(self::LOOKS)));
            $ill === [] || throw UpgradeFailed::because((string) current($ill));
        } catch (Throwable $failed) {
            $copy === null || $this->putBack($copy);

            throw $failed instanceof UpgradeFailed ? $failed : UpgradeFailed::because(mb_strimwidth($failed->getMessage(), 0, 300, '…'));
        }

        return $copy === null ? 'The tables were made.' : "The data were brought up to date. As they were before, they lie in {$copy}.";
    }

    /** @return list<string> migrations that this version has and the data have not */
    private function pending(): array
    {
        /** @var Migrator $migrator */
        $migrator = app('migrator');
        $all = array_keys($migrator->getMigrationFiles(database_path('migrations')));

        return array_values(array_diff($all, $migrator->repositoryExists() ? $migrator->getRepository()->getRan() : []));
    }

    /** What was tried goes; the copy stays where it is, and is put in place as another copy. */
    private function putBack(string $copy): void
    {
        $failed = DataFolder::path().'/failed-'.bin2hex(random_bytes(4));
        mkdir($failed, 0700);
        copy($copy, "{$failed}/copy");
        $this->store->replaceBy("{$failed}/copy", $failed);
        File::deleteDirectory($failed);
    }
}
