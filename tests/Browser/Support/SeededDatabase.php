<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;
use Tests\Support\TestClock;

/**
 * The demo data, loaded once for all servers of a run, with what was worked out while they were loaded: that takes longer than most
 * tests.
 */
final class SeededDatabase
{
    /** What the demo data follow from. */
    private const FOLDERS = ['app', 'core/src', 'core/catalogue', 'core/practice', 'database', 'config'];

    /** Seconds before the tests begin that the demo is loaded: more than loading takes. */
    private const BEFORE = 900;

    /** What the demo shop is loaded with, and served with where nothing else is said. */
    public const SHOP = [
        'APP_ENV' => 'local',
        'APP_KEY' => 'base64:AAECAwQFBgcICQoLDA0ODxAREhMUFRYXGBkaGxwdHh8=',
        'SHOP_DEMO' => 'true',
        'SHOP_GATEWAY' => 'simulated',
        'SHOP_SUPPLIER_SOLD_OUT' => '0',
        'SESSION_DRIVER' => 'file',
        'CACHE_STORE' => 'array',
        'LOG_CHANNEL' => 'single',
        'BCRYPT_ROUNDS' => '4',
        'DB_CONNECTION' => 'sqlite',
    ];

    /** @param  ?StorageFolder  $storage where a server finds what was worked out */
    public static function into(string $database, ?StorageFolder $storage = null): void
    {
        $root = dirname(__DIR__, 3);
        $kept = sys_get_temp_dir().'/orthoscope-seeded-'.self::version($root).'.sqlite';
        $lock = fopen("{$kept}.lock", 'c');
        assert($lock !== false);
        // Lanes run side by side: one loads, the others wait.
        flock($lock, LOCK_EX);
        is_file($kept) || self::load($kept, $root);
        flock($lock, LOCK_UN);
        copy($kept, $database);
        if ($storage !== null) {
            (new Filesystem)->copyDirectory("{$kept}.cache", $storage->cache());
        }
    }

    private static function load(string $kept, string $root): void
    {
        $fresh = "{$kept}.new";
        file_put_contents($fresh, '');
        $storage = StorageFolder::make();
        (new Process(
            [PHP_BINARY, ...TestClock::options(), 'artisan', 'migrate:fresh', '--seed', '--force'],
            $root,
            ['DB_DATABASE' => $fresh, 'LARAVEL_STORAGE_PATH' => $storage->path, 'CACHE_STORE' => 'file']
                + TestClock::environment(self::BEFORE)
                + self::SHOP,
            null,
            900,
        ))->mustRun();
        (new Filesystem)->copyDirectory($storage->cache(), "{$kept}.cache");
        $storage->delete();
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
