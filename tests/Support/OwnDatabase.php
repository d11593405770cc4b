<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use PDO;

/**
 * A database of a test's own, outside of the transaction that other tests are kept apart by: a file, or, where the tests run on PostgreSQL,
 * a database of that server. What several processes or connections share needs one.
 */
final class OwnDatabase
{
    private bool $isUsed = false;

    private function __construct(public readonly string $name)
    {
    }

    /** @param  string  $folder for the file, where it is one */
    public static function make(string $folder = ''): self
    {
        if (! self::isPostgres()) {
            $file = $folder === '' ? (string) tempnam(sys_get_temp_dir(), 'own') : "{$folder}/shop.sqlite";
            touch($file);

            return new self($file);
        }
        $name = 'own_'.bin2hex(random_bytes(6));
        self::server()->exec("CREATE DATABASE {$name}");

        return new self($name);
    }

    public static function isPostgres(): bool
    {
        return getenv('DB_CONNECTION') === 'pgsql';
    }

    /** The application of this process asks it from now on. */
    public function use(): self
    {
        $driver = self::isPostgres() ? 'pgsql' : 'sqlite';
        config(["database.connections.{$driver}.database" => $this->name]);
        DB::purge($driver);
        $this->isUsed = true;

        return $this;
    }

    /** @return array<string, string> for another process */
    public function env(): array
    {
        return [
            'DB_DATABASE' => $this->name,
            'CACHE_STORE' => 'array',
            'APP_KEY' => 'base64:AAECAwQFBgcICQoLDA0ODxAREhMUFRYXGBkaGxwdHh8=',
            'APP_ENV' => 'testing',
        ];
    }

    public function pdo(): PDO
    {
        return self::isPostgres() ? self::server($this->name) : new PDO("sqlite:{$this->name}");
    }

    public function drop(): void
    {
        $this->isUsed && DB::purge(self::isPostgres() ? 'pgsql' : 'sqlite');
        self::isPostgres()
            ? self::server()->exec("DROP DATABASE IF EXISTS {$this->name} WITH (FORCE)")
            : array_map(unlink(...), glob("{$this->name}*") ?: []);
    }

    private static function server(string $database = 'postgres'): PDO
    {
        return new PDO('pgsql:host='.getenv('DB_HOST').";dbname={$database}", (string) getenv('DB_USERNAME'));
    }
}
