<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Illuminate\Filesystem\Filesystem;

/** A storage folder of a process's own: what one counts or keeps is nothing to another that runs beside it. */
final readonly class StorageFolder
{
    private function __construct(public string $path)
    {
    }

    public static function make(): self
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'orthoscope');
        unlink($path);
        foreach (['app', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $part) {
            mkdir("{$path}/{$part}", 0700, true);
        }

        return new self($path);
    }

    /** Where the application keeps what it worked out. */
    public function cache(): string
    {
        return "{$this->path}/framework/cache/data";
    }

    public function delete(): void
    {
        (new Filesystem)->deleteDirectory($this->path);
    }
}
