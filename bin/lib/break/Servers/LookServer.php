<?php

declare(strict_types=1);

namespace BreakIt\Servers;

/** The server that ships for a look, with eight workers. */
final class LookServer extends Server
{
    protected function command(): array
    {
        return [
            PHP_BINARY, '-d', 'variables_order=EGPCS', '-d', 'upload_max_filesize=12M', '-d', 'post_max_size=14M', '-S',
            "127.0.0.1:{$this->port}", '-t', "{$this->root}/public",
            "{$this->root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php",
        ];
    }

    public function words(): string
    {
        return 'the server for a look, 8 workers';
    }
}
