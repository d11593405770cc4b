<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Data of an older version: copied, brought up to date, looked at; where they are not well, the copy is put back. */
final readonly class UpgradeData
{
    /** What must be well after it. */
    private const LOOKS = ['the database', 'what belongs together', 'the record'];

    public function __construct(private Checkup $checkup, private Kernel $artisan)
    {
    }

    /**
     * @return string what was done, in a sentence
     *
     * @throws UpgradeFailed with the data as they were
     */
    public function now(): string
    {
        $database = (string) config('database.connections.sqlite.database');
        $isNew = (int) @filesize($database) === 0;
        if (! $isNew && $this->pending() === []) {
            return 'The data are of this version.';
        }
        $copy = $isNew ? null : dirname($database).'/before-upgrade-'.now()->format('Ymd-His').'-'.bin2hex(random_bytes(2)).'.sqlite';
        $copy === null || DB::statement('VACUUM INTO ?', [$copy]);
        try {
            $this->artisan->call('migrate', ['--force' => true]);
            $ill = array_filter(array_intersect_key($this->checkup->all(), array_flip(self::LOOKS)));
            $ill === [] || throw UpgradeFailed::because((string) current($ill));
        } catch (Throwable $failed) {
            $copy === null || self::putBack($copy, $database);

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

    private static function putBack(string $copy, string $database): void
    {
        DB::disconnect();
        foreach (['-wal', '-shm'] as $end) {
            @unlink($database.$end);
        }
        copy($copy, $database);
    }
}
