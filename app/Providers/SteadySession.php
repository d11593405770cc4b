<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Session\FileSessionHandler;
use Throwable;

/** Sessions in files that are replaced whole: on a full disk people stay logged in and can go on reading. */
final class SteadySession extends FileSessionHandler
{
    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    public function write($sessionId, $data): bool
    {
        try {
            $this->files->replace("{$this->path}/{$sessionId}", $data, 0600);
        } catch (Throwable $failed) {
            report($failed);
        }

        return true;
    }
}
