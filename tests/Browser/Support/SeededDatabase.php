<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;
use Tests\Support\TestClock;

/** The demo data, loaded once for all servers of a run: loading takes longer than most tests. */
final class SeededDatabase
{
    /** What the demo data follow from. */
    private const FOLDERS = ['app', 'core/src', 'core/catalogue', 'core/practice', 'database', 'config'];

    /** Seconds before the tests begin that the demo is loaded: more than loading takes. */
    private const BEFORE = 900;

    /** @param  array<string, string>  $env */
    public static function into(string $database, string $root, array $env): void
    {
        $kept = sys_get_temp_dir().'/orthoscope-seeded-'.self::version($root).'.sqlite';
        $lock = fopen("{$kept}.lock", 'c');
        assert($lock !== false);
        // Two lanes run side by side: one loads, the other waits.
        flock($lock, LOCK_EX);
        if (! is_file($kept)) {
            $fresh = "{$kept}.new";
            file_put_contents($fresh, '');
            (new Process(
                [PHP_BINARY, ...TestClock::options(), 'artisan', 'migrate:fresh', '--seed', '--force'],
                $root,
                ['DB_DATABASE' => $fresh, 'CACHE_STORE' => 'array'] + TestClock::environment(self::BEFORE) + $env,
                null,
                900,
            ))->mustRun();
            (new Process(
                [
                    PHP_BINARY,
                    '-r',
                    '(new PDO("sqlite:$argv[1]"))->exec("PRAGMA wal_checkpoint(TRUNCATE); PRAGMA journal_mode=DELETE;");',
                    $fresh,
                ],
                $root,
            ))->mustRun();
            rename($fresh, $kept);
        }
        flock($lock, LOCK_UN);
        copy($kept, $database);
    }

    /** Changes with the program, the demo data and the moment at which the tests begin. */
    private static function version(string $root): string
    {
        $words = [TestClock::MOMENT, $root];
        foreach (
            Finder::create()
                ->files()
                ->in(array_map(fn (string $folder): string => "{$root}/{$folder}", self::FOLDERS))
                ->notName('*.sqlite*')
                ->sortByName() as $file
        ) {
            $words[] = $file->getRelativePathname().$file->getMTime().$file->getSize();
        }

        return hash('xxh128', implode("\n", $words));
    }
}
