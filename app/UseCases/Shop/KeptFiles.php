<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/**
 * Photographs, papers and the like, wherever they are kept, each as a file of this machine for as long as it is needed: on a disk of its
 * own it is that file, from a store elsewhere a copy that is cleared away afterwards.
 */
final class KeptFiles
{
    private ?string $scratch = null;

    /** @return iterable<string, string> name => file on this machine */
    public function all(): iterable
    {
        $names = Storage::allFiles();
        sort($names);
        foreach ($names as $name) {
            yield $name => self::areHere() ? Storage::path($name) : $this->copied($name);
        }
    }

    public function clear(): void
    {
        $this->scratch === null || File::deleteDirectory($this->scratch);
        $this->scratch = null;
    }

    /** Whether they lie on a disk of this machine, or one that it has mounted. */
    public static function areHere(): bool
    {
        return config('filesystems.disks.'.config('filesystems.default').'.driver') === 'local';
    }

    private function copied(string $name): string
    {
        $this->scratch ??= sys_get_temp_dir().'/orthoscope-files-'.bin2hex(random_bytes(6));
        $file = "{$this->scratch}/{$name}";
        File::ensureDirectoryExists(dirname($file), 0700);
        $in = Storage::readStream($name);
        $in === null || file_put_contents($file, $in);

        return $file;
    }
}
