<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Symfony\Component\Process\Process;
use Tests\Support\TestClock;

/** The application on a port of its own, with a database of its own, filled with the demo data. */
final class DemoServer
{
    private function __construct(
        private readonly Process $process,
        public readonly string $address,
        private readonly string $database,
        private readonly StorageFolder $storage,
    ) {
    }

    /** The demo shop; or an installation in which nobody has done anything yet. */
    public static function start(bool $demo = true): self
    {
        $root = dirname(__DIR__, 3);
        $database = (string) tempnam(sys_get_temp_dir(), 'orthoscope');
        $storage = StorageFolder::make();
        $port = FreePort::find();
        $env = [
            'LARAVEL_STORAGE_PATH' => $storage->path,
            // What a view is compiled to is the same for all of them.
            'VIEW_COMPILED_PATH' => $root.'/storage/framework/views',
            'APP_DEBUG' => 'false',
            'APP_URL' => "http://127.0.0.1:{$port}",
            'DB_DATABASE' => $database,
            'SHOP_DEMO' => $demo ? 'true' : 'false',
            'SHOP_GATEWAY' => $demo ? 'simulated' : 'own',
            'CACHE_STORE' => 'file',
            // The browser's own clock may be years off: what it is given lasts.
            'SESSION_LIFETIME' => '52560000',
            'PHP_CLI_SERVER_WORKERS' => '3',
            ...TestClock::environment(),
        ] + SeededDatabase::SHOP;
        $demo ? SeededDatabase::into($database, $storage) : self::migrate($root, $env);
        $process = new Process(
            [
                'setsid',
                PHP_BINARY,
                ...TestClock::options(),
                '-d',
                'variables_order=EGPCS',
                // As bin/demo serves it: what is computed long is machine code.
                '-d',
                'opcache.jit=tracing',
                '-d',
                'opcache.jit_buffer_size=128M',
                '-S',
                "127.0.0.1:{$port}",
                '-t',
                $root.'/public',
                $root.'/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php',
            ],
            $root.'/public',
            $env,
            null,
            null,
        );
        $process->disableOutput();
        $process->start();
        FreePort::await($port, 'The application');

        return new self($process, "http://127.0.0.1:{$port}", $database, $storage);
    }

    /** @param  array<string, string>  $env */
    private static function migrate(string $root, array $env): void
    {
        (new Process([PHP_BINARY, ...TestClock::options(), 'artisan', 'migrate', '--force'], $root, $env, null, 120))->mustRun();
    }

    public function stop(): void
    {
        // The server has workers; they end with their group.
        $pid = $this->process->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGKILL);
        }
        $this->process->stop(0);
        foreach (['', '-wal', '-shm'] as $suffix) {
            @unlink($this->database.$suffix);
        }
        $this->storage->delete();
    }
}
